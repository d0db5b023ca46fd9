package morphotera.browser;

import morphotera.ground.Nullable;
import morphotera.scout.runsheet.Outing;
import morphotera.scout.runsheet.RunSheet;

/** The run sheet planned last: the bag is counted on the sheet that is shown. */
final class LastSheet {
    private @Nullable Outing of;
    private @Nullable RunSheet sheet;

    RunSheet of(Outing outing) {
        if (!outing.equals(of)) {
            sheet = RunSheet.plan(outing);
            of = outing;
        }
        return sheet;
    }
}
