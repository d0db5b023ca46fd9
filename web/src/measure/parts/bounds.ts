import type { Values } from '../draft';

/** Where layers begin and end, cm; one that nobody has set yet has no end, and is drawn where it would be if all were alike. */
export function bounds(
  layers: Values[],
  wholeCm: number,
): { topCm: number; bottomCm: number; set: boolean }[] {
  const ends = layers.map((layer) => {
    const end = Number(layer.bottomCm);
    return layer.bottomCm !== undefined && layer.bottomCm !== '' && Number.isFinite(end) && end >= 0
      ? end
      : null;
  });
  const deepest = Math.max(wholeCm, ...ends.map((end) => end ?? 0));
  let top = 0;
  return layers.map((_, i) => {
    const end = ends[i] ?? null;
    let bottom = end;
    if (bottom === null) {
      const next = ends.findIndex((one, at) => at > i && one !== null);
      const to = next < 0 ? deepest : (ends[next] ?? deepest);
      const open = (next < 0 ? layers.length : next + 1) - i;
      bottom = top + (to - top) / open;
    }
    const layer = { topCm: top, bottomCm: Math.max(top, bottom), set: end !== null };
    top = layer.bottomCm;
    return layer;
  });
}

const text = (cm: number) => String(Number(cm.toFixed(1)));

/** A boundary moved: the layer above ends and the one below begins there; it stays between its neighbours. */
export function moved(layers: Values[], i: number, toCm: number, wholeCm: number): Values[] {
  const all = bounds(layers, wholeCm);
  const least = (all[i]?.topCm ?? 0) + 0.5;
  const next = all[i + 1];
  const most = next?.set ? next.bottomCm - 0.5 : 300;
  const at = text(Math.max(least, Math.min(most, toCm)));
  return layers.map((layer, n) => ({
    ...layer,
    ...(n === 0 && { topCm: '0' }),
    ...(n === i && { bottomCm: at }),
    ...(n === i + 1 && { topCm: at }),
  }));
}

/** One layer more below the last. */
export function oneMore(layers: Values[]): Values[] {
  const end = layers.at(-1)?.bottomCm;
  return [...layers, end === undefined ? {} : { topCm: end }];
}

/** A layer taken out: the one below it reaches up to where it began. */
export function without(layers: Values[], i: number): Values[] {
  const top = layers[i]?.topCm;
  return layers
    .filter((_, n) => n !== i)
    .map((layer, n) => (n === i && top !== undefined ? { ...layer, topCm: top } : layer));
}
