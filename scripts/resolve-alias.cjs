// Only for the import rules: tells them where $lib points.
const path = require('node:path')
module.exports = { resolve: { alias: { $lib: path.resolve(__dirname, '../src/lib') } } }
