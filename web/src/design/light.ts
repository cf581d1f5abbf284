const place = 'crustallum.light';
type Light = 'day' | 'evening';

/** Evening begins by itself at six and ends at seven in the morning, unless the cook holds either. */
export function applyLight(): void {
  const held = localStorage.getItem(place) as Light | null;
  const hour = new Date().getHours();
  const light = held ?? (hour >= 18 || hour < 7 ? 'evening' : 'day');
  if (light === 'evening') document.documentElement.dataset['light'] = 'evening';
  else delete document.documentElement.dataset['light'];
}

export function toggleLight(): void {
  const now = document.documentElement.dataset['light'] === 'evening' ? 'day' : 'evening';
  localStorage.setItem(place, now);
  applyLight();
}
