// Files that the bundler gives as text.
declare module '*.csv?raw' {
  const text: string;
  export default text;
}
