// Catches a station, or one thing in it (`what`), that broke while drawing: the frame, the outbox and everything else go on.
import { Component, type ReactNode } from 'react';

type Props = { what?: string; children: ReactNode };

export class Guard extends Component<Props, { broken?: string }> {
  override state: { broken?: string } = {};

  static getDerivedStateFromError(error: unknown): { broken: string } {
    return { broken: error instanceof Error ? error.message : String(error) };
  }

  override render(): ReactNode {
    const { what, children } = this.props;
    if (this.state.broken === undefined) return children;
    return (
      <div className="empty" role="alert">
        <h2>{what ? `${what} cannot be drawn` : 'This station could not be drawn'}</h2>
        <p>
          {what ? `Why: ${this.state.broken}. ` : ''}What you entered is kept.{' '}
          {what ? 'Everything else works on.' : 'The other stations work on.'}
        </p>
        <button type="button" className="btn btn-plain" onClick={() => (what ? this.setState({ broken: undefined }) : location.reload())}>
          {what ? 'Try again' : 'Load it again'}
        </button>
      </div>
    );
  }
}
