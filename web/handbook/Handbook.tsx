// The handbook as a page: docs/handbook.md, made into markup by the build (vite.config.ts). Opened at a job by its heading: /handbook#at-the-box.
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import page from '../../docs/handbook.md?page';
import css from './handbook.module.scss';

export default function Handbook() {
  const { hash } = useLocation();
  useEffect(() => document.getElementById(hash.slice(1))?.scrollIntoView(), [hash]);
  // Our own file, not what anybody typed.
  return <article className={css.handbook} dangerouslySetInnerHTML={{ __html: page }} />;
}
