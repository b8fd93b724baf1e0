// Catches a station that broke while drawing: the frame, the outbox and the other stations go on.
import { Component, type ReactNode } from 'react';

export class Guard extends Component<{ children: ReactNode }, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError(): { broken: boolean } {
    return { broken: true };
  }

  override render(): ReactNode {
    if (!this.state.broken) return this.props.children;
    return (
      <div className="empty" role="alert">
        <h2>This station could not be drawn</h2>
        <p>What you entered is kept. The other stations work on.</p>
        <button type="button" className="btn btn-plain" onClick={() => location.reload()}>
          Load it anew
        </button>
      </div>
    );
  }
}
