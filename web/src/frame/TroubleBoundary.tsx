import { Component, type ReactNode } from 'react';
import { Trouble } from './Trouble';

/** Catches what breaks while drawing, so that the person reads what happened instead of an empty page. */
export class TroubleBoundary extends Component<{ children: ReactNode }, { error: unknown }> {
  override state = { error: null as unknown };

  static getDerivedStateFromError(error: unknown) {
    return { error };
  }

  override render() {
    return this.state.error === null ? this.props.children : <Trouble error={this.state.error} />;
  }
}
