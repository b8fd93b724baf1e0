// The bell: two short tones and a buzz. A browser lets a page sound only after it has been touched once.
const TONES_HZ = [880, 660];
const TONE_S = 0.25;

export function ring(): void {
  navigator.vibrate?.([200, 100, 200]);
  try {
    const audio = new AudioContext();
    TONES_HZ.forEach((frequency, index) => {
      const tone = new OscillatorNode(audio, { frequency, type: 'sine' });
      const volume = new GainNode(audio, { gain: 0.15 });
      tone.connect(volume).connect(audio.destination);
      tone.start(audio.currentTime + index * TONE_S * 1.4);
      tone.stop(audio.currentTime + index * TONE_S * 1.4 + TONE_S);
    });
    setTimeout(() => void audio.close(), 2000);
  } catch {
    // No sound to be had here; the strip shows it all the same.
  }
}
