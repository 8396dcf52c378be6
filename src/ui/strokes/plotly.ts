import core from 'plotly.js/lib/core';
import scatterpolar from 'plotly.js/lib/scatterpolar';

/** The chart library with polar charts only: the whole of it would be several times as large. */
core.register([scatterpolar]);

export const Plotly = core;
