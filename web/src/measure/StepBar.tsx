import type { Step } from '../api/types';

/** Where one is among the steps; any can be opened. */
export function StepBar({
  steps,
  index,
  onGo,
}: {
  steps: Step[];
  index: number;
  onGo: (id: string) => void;
}) {
  return (
    <ol className="grid auto-cols-fr grid-flow-col gap-1.5" aria-label="Steps">
      {steps.map((step, i) => (
        <li key={step.id}>
          <button
            type="button"
            className="block min-h-11 w-full text-left"
            aria-current={i === index ? 'step' : undefined}
            aria-label={`Step ${i + 1} of ${steps.length}: ${step.title}`}
            onClick={() => onGo(step.id)}
          >
            <span
              className={`block h-1 rounded-full ${i < index ? 'bg-ink' : i === index ? 'bg-act' : 'bg-rule'}`}
            />
            <span
              className={`mt-1 line-clamp-2 text-sm leading-tight max-desk:hidden ${i === index ? 'font-semibold' : 'text-faded'}`}
            >
              {step.title}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}
