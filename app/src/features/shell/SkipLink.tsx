import { createElement } from 'react';

/** For keyboards: past the ways to other screens, to what this one is about. Seen only while it has the focus. */
export const SkipLink = () =>
  createElement(
    'a',
    {
      href: '#main',
      className: 'skip-link',
      onClick: (event: { readonly preventDefault: () => void }) => {
        event.preventDefault();
        const main = document.querySelector<HTMLElement>('[role=main]');
        if (!main) return;
        main.tabIndex = -1;
        main.focus();
      },
    },
    'Skip to content',
  );
