export default () => globalThis.throwDemoAway?.();
