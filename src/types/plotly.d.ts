declare module 'plotly.js/lib/core' {
  import type * as Plotly from 'plotly.js';

  const core: Pick<typeof Plotly, 'react' | 'purge'> & { register(modules: unknown[]): void };
  export default core;
}

declare module 'plotly.js/lib/scatterpolar' {
  const trace: unknown;
  export default trace;
}
