export { default as converter } from 'culori/src/converter.js';
export { differenceCiede2000 } from 'culori/src/difference.js';
export { useMode } from 'culori/src/modes.js';
export { default as modeLab65 } from 'culori/src/lab65/definition.js';
export { default as modeLrgb } from 'culori/src/lrgb/definition.js';
export { default as modeRgb } from 'culori/src/rgb/definition.js';
