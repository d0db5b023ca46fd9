import type { MethodDrawing } from './index';
import { Arrow, Ground, Says } from './kit/ground';
import { FINE, PEN } from './kit/line';

export default {
  steps: {
    enter: {
      says: 'Yield of the zone beside the best zone of the holding: the same crop, the same year',
      draw: (values) => {
        const here = Number(values.tPerHa);
        const best = Number(values.bestTPerHa);
        const share = here > 0 && best > 0 ? Math.min(1, here / best) : 0.7;
        const high = share * 110;
        return (
          <>
            <Ground y={160} />
            <path d={`M80 160V${160 - high}H140V160Z`} {...PEN} fill="var(--spent)" />
            <path d="M210 160V50H270V160Z" {...PEN} fill="var(--lift)" />
            <path d={`M64 ${160 - high}H290`} {...FINE} strokeDasharray="5 5" />
            <Arrow from={[240, 54]} to={[240, Math.max(60, 156 - high)]} />
            <Says x={84} y={182}>
              this zone
            </Says>
            <Says x={204} y={182}>
              best zone
            </Says>
          </>
        );
      },
    },
  },
} satisfies MethodDrawing;
