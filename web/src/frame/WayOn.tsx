import { Component, type ReactNode } from 'react';
import { useLocation } from 'react-router';

/** A page that breaks says so and leaves a way on; the rest of the product stands, and what was typed is kept. */
export function WayOn({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  return <Boundary key={pathname}>{children}</Boundary>;
}

class Boundary extends Component<{ children: ReactNode }, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError() {
    return { broken: true };
  }

  override render() {
    if (!this.state.broken) return this.props.children;
    return (
      <div className="py-10" role="alert">
        <h1>This page broke</h1>
        <p className="mt-2">
          What you typed is kept on this device. Load the page again; if it breaks again, go on elsewhere and
          tell whoever keeps Morphotera here.
        </p>
        <p className="mt-4 flex gap-6">
          <button type="button" className="button" onClick={() => location.reload()}>
            Load it again
          </button>
          <a className="link self-center" href="/">
            To the season
          </a>
        </p>
      </div>
    );
  }
}
