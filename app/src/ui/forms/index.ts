export { DayField } from './DayField';
export { Field } from './Field';
export { FigureField } from './FigureField';
export { Stepper } from './Stepper';
export { TypedLine } from './TypedLine';
