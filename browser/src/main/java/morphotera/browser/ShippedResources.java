package morphotera.browser;

import org.teavm.classlib.ResourceSupplier;
import org.teavm.classlib.ResourceSupplierContext;

/** Says at the build which tables are put into the script. */
@SuppressWarnings("deprecation")
public final class ShippedResources implements ResourceSupplier {
    @Override
    public String[] supplyResources(ResourceSupplierContext context) {
        return new String[] {"morphotera/plain-yardstick.json", "morphotera/plain-causes.json"};
    }
}
