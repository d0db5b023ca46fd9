import { figure } from '../../ground/myUnits';
import { Triangle } from '../../ground/Triangle';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Arrow, Says, Span } from './kit/ground';
import { Palm, Pinch } from './kit/hands';
import { PEN, SOIL } from './kit/line';
import { PICKED_OUT } from './kit/shared';
import { Drop, Dropper, Wait } from './kit/tools';

/** Rubbed between thumb and palm: grains felt, or a smear. */
function Rubbed({ grains, smear }: { grains: number; smear: number }) {
  return (
    <>
      <path d="M6 30C16 40 44 40 54 30L50 14C40 22 20 22 10 14Z" {...PEN} />
      {Array.from({ length: grains }, (_, i) => (
        <circle key={i} cx={16 + ((i * 11) % 30)} cy={25 + ((i * 5) % 9)} r="1.7" fill="var(--root)" />
      ))}
      {smear > 0 && (
        <path d="M16 28q14 7 28 0" {...PEN} stroke="var(--root)" strokeWidth={smear} opacity="0.7" />
      )}
    </>
  );
}

/** A ball pressed flat: how many cracks at its rim. */
function Flat({ cracks }: { cracks: number }) {
  return (
    <>
      <ellipse cx="30" cy="22" rx="25" ry="17" {...SOIL} />
      <path
        d={Array.from({ length: cracks }, (_, i) => {
          const a = (i * 2 * Math.PI) / cracks + 0.4;
          return `M${(30 + 25 * Math.cos(a)).toFixed(1)} ${(22 + 17 * Math.sin(a)).toFixed(1)}L${(30 + 13 * Math.cos(a + 0.2)).toFixed(1)} ${(22 + 9 * Math.sin(a + 0.2)).toFixed(1)}`;
        }).join('')}
        {...PEN}
      />
    </>
  );
}

/** The ribbon as long as was typed, 50 mm where it was not. */
function Ribbon({ values }: { values: Values }) {
  const mm = Math.min(110, Math.max(0, Number(values.ribbonMm)) || 50);
  const long = mm * 1.3;
  return (
    <>
      <Pinch x={120} y={64} turn={-10} />
      <path d={`M108 70L126 66V${70 + long}q-8 6 -16 0Z`} {...SOIL} />
      <Arrow from={[84, 60]} to={[104, 64]} />
      <Span x={146} y={70} length={long} down says={figure(mm, 'mm', 0)} />
    </>
  );
}

function ResultDrawing({ evaluation }: ResultProps) {
  const texture = evaluation.words.texture;
  return <Triangle texture={typeof texture === 'string' ? texture : null} point={null} />;
}

export default {
  steps: {
    'gather-pick': { ...PICKED_OUT, says: 'A palmful of soil, its roots and stones picked out' },
    'wet-knead': {
      says: 'It is wetted drop by drop and kneaded for two minutes, to where it sticks most',
      draw: (
        <>
          <Palm x={150} y={140} />
          <path d="M108 122C108 96 130 88 152 88S196 98 196 120C178 136 124 136 108 122Z" {...SOIL} />
          <Dropper x={124} y={58} turn={18} />
          <Drop x={126} y={66} />
          <Arrow from={[206, 84]} to={[206, 122]} bend={-14} />
          <Wait x={306} y={50} gone={0.5} />
        </>
      ),
    },
    'ribbon-three-times': {
      says: 'A ribbon is pressed out between thumb and finger until it breaks by its own weight; three times',
      draw: (values) => (
        <>
          <Ribbon values={values} />
          <Says x={254} y={120}>
            three times
          </Says>
        </>
      ),
    },
    'judge-enter': {
      says: 'Wetter still, it is rubbed between thumb and palm: gritty, smooth or neither',
      draw: (
        <>
          <Palm x={160} y={138} />
          <path d="M112 126q44 18 90 -4" {...PEN} stroke="var(--root)" strokeWidth="5" opacity="0.6" />
          <Pinch x={168} y={118} turn={-18} />
          <Arrow from={[126, 98]} to={[196, 98]} bend={-10} />
        </>
      ),
    },
  },
  scales: {
    feel: {
      gritty: <Rubbed grains={14} smear={0} />,
      smooth: <Rubbed grains={0} smear={9} />,
      neither: <Rubbed grains={5} smear={4} />,
    },
    cracksWhenPressed: { none: <Flat cracks={0} />, some: <Flat cracks={4} />, many: <Flat cracks={11} /> },
  },
  ResultDrawing,
} satisfies MethodDrawing;
