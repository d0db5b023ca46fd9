/** Sounds three short notes and shakes the phone; silent where the browser lets no page make a sound unasked. */
export function alarm(): void {
  // Before the first touch a browser lets no page sound or shake; the ring and the words remain.
  if (!navigator.userActivation?.hasBeenActive) return;
  navigator.vibrate?.([300, 120, 300]);
  try {
    const audio = new AudioContext();
    [0, 0.3, 0.6].forEach((at, i) => {
      const note = audio.createOscillator();
      const volume = audio.createGain();
      note.frequency.value = i === 2 ? 988 : 740;
      volume.gain.setValueAtTime(0.25, audio.currentTime + at);
      volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.24);
      note.connect(volume).connect(audio.destination);
      note.start(audio.currentTime + at);
      note.stop(audio.currentTime + at + 0.25);
    });
    setTimeout(() => void audio.close(), 1500);
  } catch {
    // No sound here; the ring and the words remain.
  }
}
