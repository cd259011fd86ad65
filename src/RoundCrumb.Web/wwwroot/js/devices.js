// A simulated scale and probe: what they are in is set here, what they read is sent as any device in the kitchen sends it.

const page = document.getElementById('devices');
const says = document.getElementById('device-says');
const every = 400;

// About as often far from the middle as a real sensor is: the sum of three throws.
const noise = () => Math.random() + Math.random() + Math.random() - 1.5;

for (const device of page.querySelectorAll('.device')) {
  const is = { truth: device.id === 'probe' ? 21 : 0, read: device.id === 'probe' ? 21 : 0, tare: 0 };
  const find = (name) => device.querySelector(`[data-${name}]`);
  const shows = find('shows');
  const weight = device.dataset.quantity === 'weight';
  const settings = () => ({
    noise: Number(find('noise').value) * (weight ? 1 : 0.1),
    lag: Number(find('lag').value) / 10,
    drop: Number(find('drop').value) / 100,
  });

  function words() {
    const { noise: n, lag, drop } = settings();
    device.querySelector('[id$=noise-is]').textContent = weight ? `${n} g` : `${n.toFixed(1)} °C`;
    device.querySelector('[id$=lag-is]').textContent = `${lag} s`;
    device.querySelector('[id$=drop-is]').textContent = `${Math.round(drop * 100)} %`;
    const truth = device.querySelector('[id$=true-is]');
    if (truth) truth.textContent = `${is.truth} °C`;
  }

  device.addEventListener('click', (event) => {
    const button = event.target.closest('button');
    if (!button) return;
    if (button.dataset.add) is.truth += Number(button.dataset.add);
    if (button.dataset.empty !== undefined) is.truth = 0;
    if (button.dataset.tare !== undefined) is.tare = is.truth;
    if (button.dataset.to) {
      is.truth = Number(button.dataset.to);
      find('true').value = button.dataset.to;
    }

    words();
  });
  device.addEventListener('input', () => {
    if (find('true')) is.truth = Number(find('true').value);
    words();
  });

  async function read() {
    if (!find('on').checked || find('flat').checked) {
      tell(device.id, '');
      shows.textContent = find('flat').checked && find('on').checked ? 'nothing: the battery is flat' : 'off';
      is.read = is.truth;
      return;
    }

    const { noise: n, lag, drop } = settings();
    is.read += (is.truth - is.read) * (lag <= 0 ? 1 : 1 - Math.exp(-every / 1000 / lag));
    const value = find('pulled')?.checked ? 900 : is.read - is.tare + n * noise();
    const said = weight ? Math.round(value) : Math.round(value * 10) / 10;
    shows.textContent = weight ? `${said} g` : `${said} °C`;
    if (Math.random() < drop) return;
    try {
      const answer = await fetch(page.dataset.readings, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ device: device.dataset.device, quantity: device.dataset.quantity, value: said, unit: device.dataset.unit, instant: new Date().toISOString() }),
      });
      if (answer.status === 400) tell(device.id, Object.values((await answer.json()).errors).flat().join(' '));
      else tell(device.id, answer.ok ? '' : 'No answer from the kitchen computer; the device goes on reading.');
    } catch {
      tell(device.id, 'No answer from the kitchen computer; the device goes on reading.');
    }
  }

  words();
  window.setInterval(read, every);
}

const told = new Map();

function tell(device, words) {
  told.set(device, words);
  const what = [...new Set(told.values())].filter((w) => w.length > 0).join(' ');
  if (says.textContent !== what) says.textContent = what;
  says.hidden = what.length === 0;
}
