package morphotera.ground;

/** Texture classes that behave alike with water: coarse, medium, fine. */
public enum TextureGroup implements Coded {
    COARSE,
    MEDIUM,
    FINE
}
