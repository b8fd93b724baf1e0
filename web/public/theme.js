/* global document */
// Before anything is painted: the theme that this device was left in, so that a dark room gets no white flash.
try {
  if (localStorage.getItem('daily-crate-theme') === 'out') document.documentElement.dataset.theme = 'out';
} catch {
  // A browser that keeps nothing shows the day.
}
