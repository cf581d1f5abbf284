import { asGood } from '@crustallum/core/devices/failings';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import StandIns from '../larder/StandIns';
import { DeviceWords } from './DeviceWords';
import { heard, showOther } from './ofThisKitchen';
import { ovenThermometer } from './ovenThermometer';
import { scale } from './scale';

const sent: [string, unknown][] = [];
const answers = (oven: { valueC: number | null; batteryPct: number }) => {
  globalThis.fetch = (input, init) => {
    const path = String(input instanceof Request ? input.url : input);
    if (init?.method === 'PUT') sent.push([path, JSON.parse(init.body as string)]);
    const body = path.includes('oven-thermometer')
      ? oven
      : init?.method === 'PUT'
        ? (sent.at(-1)?.[1] ?? {})
        : { scale: asGood, probe: asGood, ovenThermometer: asGood };
    return Promise.resolve(new Response(JSON.stringify(body), { status: 200 }));
  };
};
afterEach(() => {
  scale.failings = { ...asGood };
  showOther('scale', false);
  showOther('ovenThermometer', false);
  heard('scale', 0, 100);
});

describe('a device that fails', () => {
  it('shows its other unit: said by a press, read so from then on, and kept', async () => {
    answers({ valueC: 374, batteryPct: 80 });
    expect(await ovenThermometer.read({ setC: 190, sinceOnMin: 30 })).toBe(374);
    render(<DeviceWords device="ovenThermometer" doubt={190} write={(c) => `${Math.round(c)} °C`} />);
    fireEvent.click(screen.getByRole('button', { name: 'It shows °F' }));
    expect(await ovenThermometer.read({ setC: 190, sinceOnMin: 30 })).toBeCloseTo(190, 6);
    expect(localStorage.getItem('crustallum.devices.showOther')).toContain('ovenThermometer');
  });
  it('runs low, then falls silent: both are said', async () => {
    answers({ valueC: 190, batteryPct: 7 });
    await ovenThermometer.read({ setC: 190, sinceOnMin: 30 });
    render(<DeviceWords device="ovenThermometer" doubt={null} write={String} />);
    expect(screen.getByText('The thermometer has 7 % of its battery left.')).toBeTruthy();
    answers({ valueC: null, batteryPct: 0 });
    await act(() => ovenThermometer.read({ setC: 190, sinceOnMin: 31 }));
    expect(await screen.findByText(/does not answer: go on without it/)).toBeTruthy();
  });
  it('never stops a weighing: what is typed is taken, whatever became of the scale', async () => {
    const said: number[] = [];
    const stop = scale.subscribe((g) => said.push(g));
    scale.failings = { ...asGood, dropOuts: 1 };
    scale.put(100);
    await new Promise((r) => setTimeout(r, 400));
    expect(said.filter((g) => g > 0)).toEqual([]);
    scale.typed(250);
    expect(said.at(-1)).toBe(250);
    scale.failings = { ...asGood, shows: 'other' };
    scale.tare();
    scale.put(283.495);
    await waitFor(() => expect(said.at(-1)).toBeCloseTo(10, 1), { timeout: 4000 });
    // said to show ounces, what lies on it is told anew
    showOther('scale', true);
    expect(said.at(-1)).toBeCloseTo(283.5, -1);
    stop();
  });
});

describe('the stand-ins', () => {
  it('are made to fail one by one, the scale on this screen, the others at the server', async () => {
    answers({ valueC: 190, batteryPct: 100 });
    render(<StandIns />);
    await screen.findByRole('region', { name: 'Devices' });
    const group = (name: string) => screen.getByRole('radiogroup', { name });
    fireEvent.click(group('Probe in the pastry: the stand-in answers').querySelectorAll('button')[3] as HTMLElement);
    await waitFor(() => expect(sent.at(-1)).toEqual(['/api/stand-ins/probe', { ...asGood, dropOuts: 1 }]));
    fireEvent.click(group('Scale: its battery').querySelectorAll('button')[2] as HTMLElement);
    await waitFor(() => expect(scale.failings.batteryPct).toBe(0));
  });
});
