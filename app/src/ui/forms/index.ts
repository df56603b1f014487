export { Field } from './Field';
export { FigureField } from './FigureField';
export { Stepper } from './Stepper';
export { TypedLine } from './TypedLine';
