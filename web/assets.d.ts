// Files that the bundler gives as text.
declare module '*.csv?raw' {
  const text: string;
  export default text;
}

// Pages of our own, made into markup by the build.
declare module '*.md?page' {
  const markup: string;
  export default markup;
}

// The classes of a screen's own styles (web/styles.test.ts holds each name against its sheet).
declare module '*.module.scss' {
  const classes: Readonly<Record<string, string>>;
  export default classes;
}
