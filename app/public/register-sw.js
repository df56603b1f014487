// Keeps the shell on the device. A page that a new version is ready for is told by an event.
if ('serviceWorker' in navigator) {
  const register = async () => {
    const registration = await navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    if (!registration) return;
    const ready = () => {
      if (!registration.waiting || !navigator.serviceWorker.controller) return;
      window.dispatchEvent(new CustomEvent('obrik-new-version', { detail: registration }));
    };
    ready();
    registration.addEventListener('updatefound', () => {
      registration.installing?.addEventListener('statechange', ready);
    });
  };
  // The first screen comes first: what the worker stores is fetched afterwards.
  window.addEventListener('load', () => setTimeout(register, 2500));
  let loading = false;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (!window.obrikTakesOver || loading) return;
    loading = true;
    window.location.reload();
  });
}
