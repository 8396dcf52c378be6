import bar from 'plotly.js/lib/bar';
import core from 'plotly.js/lib/core';

/** The chart library with bars and lines only; the full bundle is several times as large. */
core.register([bar]);

export const Plotly = core;
