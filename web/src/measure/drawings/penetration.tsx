import type { Evaluation } from '../../api/types';
import { ConeProfile } from '../../ground/ConeProfile';
import type { MethodDrawing } from './index';

function StepDrawing({ step }: { step: string }) {
  return (
    <svg
      viewBox="0 0 360 200"
      className="w-full"
      role="img"
      aria-label="A cone pushed straight and slowly into the ground"
    >
      <path d="M10 60H350" stroke="var(--ink)" strokeWidth="2.2" />
      {step === 'push-read-ten' && (
        <g>
          {[80, 130, 240, 290].map((x) => (
            <path key={x} d={`M${x} 56v8`} stroke="var(--faded)" strokeWidth="2" />
          ))}
          <path
            d="M206 74v60M200 128l6 10 6 -10"
            fill="none"
            stroke="var(--act)"
            strokeWidth="2.4"
            strokeLinecap="round"
          />
          <text x="220" y="110" fontSize="15" fill="var(--faded)">
            2.5 cm a second
          </text>
        </g>
      )}
      <path d="M180 12V150" stroke="var(--ink)" strokeWidth="5" />
      <path d="M158 12h44" stroke="var(--ink)" strokeWidth="6" strokeLinecap="round" />
      <circle cx="180" cy="30" r="14" fill="var(--lift)" stroke="var(--ink)" strokeWidth="2" />
      <path d="M180 30l7 -7" stroke="var(--warn)" strokeWidth="2" />
      <path d="M171 150h18l-9 22Z" fill="var(--ink)" />
      {Array.from({ length: 6 }, (_, i) => (
        <path key={i} d={`M174 ${74 + i * 14}h12`} stroke="var(--paper)" strokeWidth="1.6" />
      ))}
      <path
        d="M60 128q60 -10 108 2M196 132q60 -8 108 -2M70 142q50 -6 94 2M198 146q50 -6 100 -2"
        fill="none"
        stroke="var(--root)"
        strokeWidth="2"
      />
    </svg>
  );
}

function OptionDrawing({ field, word }: { field: string; word: string }) {
  if (field !== 'cone') return null;
  const half = word === 'large' ? 11 : word === 'small' ? 7 : 3;
  return (
    <svg width="60" height="44" viewBox="0 0 60 44" aria-hidden="true">
      <path d="M30 2V24" stroke="var(--ink)" strokeWidth="4" />
      {word === 'rod' ? (
        <path d="M30 2V42" stroke="var(--ink)" strokeWidth="4" strokeLinecap="round" />
      ) : (
        <path d={`M${30 - half} 24h${2 * half}L30 ${24 + half * 1.5}Z`} fill="var(--ink)" />
      )}
    </svg>
  );
}

function ResultDrawing({ evaluation }: { evaluation: Evaluation }) {
  const at = evaluation.measures
    .filter((measure) => measure.key === 'meanAt')
    .map((measure) => ({ depthCm: measure.depthCm ?? 0, value: measure.value ?? 0 }));
  const limit = evaluation.measures.find((measure) => measure.key === 'depthToLimit')?.value ?? null;
  return <ConeProfile profile={at} limitCm={limit} />;
}

export default { method: 'penetration', StepDrawing, OptionDrawing, ResultDrawing } satisfies MethodDrawing;
