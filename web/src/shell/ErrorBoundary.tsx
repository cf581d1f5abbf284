import { Component, type ReactNode } from 'react';

/** When a screen fails: what was typed is kept, and it can be tried again. */
export class ErrorBoundary extends Component<{ children: ReactNode; resetKey?: string }, { failed: string | null }> {
  override state = { failed: null as string | null };

  static getDerivedStateFromError(error: unknown): { failed: string } {
    return { failed: error instanceof Error ? error.message : String(error) };
  }

  override componentDidUpdate(before: { resetKey?: string }): void {
    if (this.state.failed !== null && before.resetKey !== this.props.resetKey) this.setState({ failed: null });
  }

  override render(): ReactNode {
    if (this.state.failed === null) return this.props.children;
    return (
      <main className="sheet" style={{ display: 'block', padding: 40 }} role="alert">
        <h1 className="sign">This screen stumbled</h1>
        <p>What you put in is kept. ({this.state.failed})</p>
        <button type="button" className="press" onClick={() => this.setState({ failed: null })}>
          Draw it again
        </button>
      </main>
    );
  }
}
