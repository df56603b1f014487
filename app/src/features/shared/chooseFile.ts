/** What pictures are chosen by. */
export const PICTURES = 'image/jpeg,image/png,image/webp,image/*';

/**
 * Lets the user choose a file, or take a picture.
 * @param accept types, as the browser wants them
 * @returns the file, or undefined where they went back without one
 */
export const chooseFile = (accept: string): Promise<File | undefined> =>
  new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.addEventListener('change', () => resolve(input.files?.[0]));
    input.addEventListener('cancel', () => resolve(undefined));
    input.click();
  });
