import { comfort } from './comfort';

const loudness = [0, 0.1, 0.3, 0.9];

/** A short low tone that dies away; silent where sound is not allowed, for the words on screen change as well. */
function tone(sound: AudioContext, hertz: number, afterS: number): void {
  const at = sound.currentTime + afterS;
  const source = sound.createOscillator();
  const volume = sound.createGain();
  source.frequency.value = hertz;
  volume.gain.setValueAtTime(loudness[comfort().loud] ?? 0.3, at);
  volume.gain.exponentialRampToValueAtTime(0.001, at + 0.4);
  source.connect(volume).connect(sound.destination);
  source.start(at);
  source.stop(at + 0.4);
}

function play(...hertz: number[]): void {
  if (comfort().loud === 0) return;
  navigator.vibrate?.(hertz.map(() => 200));
  try {
    const sound = new AudioContext();
    hertz.forEach((h, i) => tone(sound, h, i * 0.25));
    setTimeout(() => void sound.close(), 2000);
  } catch {
    // no sound on this device
  }
}

/** Three minutes or one left, or a timer at its end. */
export const knock = (): void => play(180);
/** Past the band: repeated until it is heard. */
export const doubleKnock = (): void => play(240, 180);
