export default { plugins: { '@pandacss/dev/postcss': {} } };
