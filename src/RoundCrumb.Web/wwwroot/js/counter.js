// The clocks of the counter run: minutes and seconds until each is due, by the server's moment.

function pad(number) {
  return String(number).padStart(2, '0');
}

function run() {
  for (const clock of document.querySelectorAll('[data-until]')) {
    const left = Math.round((Number(clock.dataset.until) - Date.now()) / 1000);
    if (left <= 0) {
      clock.textContent = 'due';
      clock.closest('li')?.classList.add('due');
    } else {
      const [h, m, s] = [Math.floor(left / 3600), Math.floor(left / 60) % 60, left % 60];
      clock.textContent = h > 0 ? `${h} h ${pad(m)}` : `${m}:${pad(s)}`;
    }
  }
}

run();
setInterval(run, 1000);
