/* global document */
// Before anything is painted: the look that this device was left in, so that a dark room gets no white flash.
try {
  if (localStorage.getItem('daily-crate-look') === 'out') document.documentElement.dataset.look = 'out';
} catch {
  // A browser that keeps nothing shows the day.
}
