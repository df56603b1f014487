export { Field } from './Field';
export { FigureField } from './FigureField';
