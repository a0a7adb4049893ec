import { Component, type ReactNode } from 'react';

/** Where a station could not be loaded (no network, or Wexilla was renewed meanwhile), the frame stays and says so. */
export class Unloaded extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) {
      return this.props.children;
    }
    return (
      <div role="alert">
        <h1 className="text-4xl">This page did not come</h1>
        <p className="quiet mt-2">The kitchen does not answer. What was stored is kept.</p>
        <button type="button" className="btn btn-primary mt-4" onClick={() => window.location.reload()}>
          Try again
        </button>
      </div>
    );
  }
}
