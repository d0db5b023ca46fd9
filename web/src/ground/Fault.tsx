/** What went wrong, in a sentence; nothing where nothing did. */
export function Fault({ text, className = '' }: { text: string | null | undefined; className?: string }) {
  return text ? (
    <p className={`text-warn ${className}`.trim()} role="alert">
      {text}
    </p>
  ) : null;
}
