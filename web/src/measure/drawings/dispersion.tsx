import type { Values } from '../draft';
import type { MethodDrawing, StepScene } from './index';
import { Says } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE } from './kit/line';
import { Crumb } from './kit/soil';
import { Wait } from './kit/tools';
import { Dish } from './kit/vessels';

const CLOUD: Record<string, number> = { none: 0, faint: 0.3, strong: 0.75 };

/** A crumb with its halo: how far the milk reaches and how thick it is. */
function Halo({ x, y, cloud, scale = 1 }: { x: number; y: number; cloud: number; scale?: number }) {
  return (
    <>
      {cloud > 0 && (
        <>
          <ellipse
            cx={x}
            cy={y}
            rx={(16 + 14 * cloud) * scale}
            ry={(10 + 8 * cloud) * scale}
            fill="var(--root)"
            opacity={0.22 + cloud * 0.3}
          />
          {cloud > 0.5 && (
            <ellipse cx={x} cy={y} rx={18 * scale} ry={11 * scale} fill="var(--root)" opacity="0.4" />
          )}
        </>
      )}
      <Crumb x={x} y={y} size={scale} />
    </>
  );
}

function look(key: string, says: string, when: string, gone: number): StepScene {
  return {
    says,
    draw: (values) => {
      const crumbs = (values.crumbs as Values[] | undefined) ?? [];
      return (
        <>
          <Dish x={180} y={110}>
            {[86, 133, 180, 227, 274].map((x, i) => (
              <Halo
                key={x}
                x={x}
                y={108 + (i % 2) * 12}
                cloud={CLOUD[String(crumbs[i]?.[key])] ?? (crumbs.length > 0 && crumbs[i]?.[key] ? 0.3 : 0)}
              />
            ))}
          </Dish>
          <Wait x={42} y={38} gone={gone} />
          <Says x={72} y={43}>
            {when}
          </Says>
          <path
            d="M282 26q-18 0 -30 14 12 14 30 14 18 0 30 -14 -12 -14 -30 -14Z"
            {...FINE}
            stroke="var(--ink)"
          />
          <circle cx="282" cy="40" r="6" fill="var(--ink)" />
        </>
      );
    },
  };
}

function Cloud({ word }: { word: string }) {
  return (
    <>
      <ellipse
        cx="30"
        cy="22"
        rx="28"
        ry="19"
        fill="var(--water)"
        fillOpacity="0.2"
        stroke="var(--water)"
        strokeWidth="1.3"
      />
      <Halo x={30} y={22} cloud={CLOUD[word] ?? 0} scale={0.85} />
    </>
  );
}

const CLOUDS = {
  none: <Cloud word="none" />,
  faint: <Cloud word="faint" />,
  strong: <Cloud word="strong" />,
};

export default {
  steps: {
    'lay-own-dish': {
      says: 'Fresh crumbs are placed in a dish of their own, which is never moved again',
      draw: (
        <>
          <Dish x={180} y={110}>
            {[86, 133, 180, 227].map((x, i) => (
              <Crumb key={x} x={x} y={108 + (i % 2) * 12} size={1} />
            ))}
            <Crumb x={276} y={98} size={1} />
            <Pinch x={280} y={88} turn={-14} />
          </Dish>
          <Wait x={42} y={38} gone={0.04} />
        </>
      ),
    },
    'look-10': look(
      'cloudAt10',
      'From above, against a dark ground: is there a milky halo after ten minutes?',
      '10 min',
      0.17,
    ),
    'look-30': look('cloudAt30', 'The same crumbs in the same order after half an hour', '30 min', 0.5),
    'look-2h': look('cloudAt120', 'The same crumbs after two hours: slow clays show late', '2 h', 0.98),
  },
  scales: { cloudAt10: CLOUDS, cloudAt30: CLOUDS, cloudAt120: CLOUDS },
} satisfies MethodDrawing;
