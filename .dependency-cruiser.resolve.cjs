const { resolve } = require('node:path');

// Only read by the layer check, which does not know SvelteKit's alias by itself.
module.exports = { resolve: { alias: { $lib: resolve(__dirname, 'src/lib') } } };
