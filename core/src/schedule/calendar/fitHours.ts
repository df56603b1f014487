import { HOUR } from '../../units';
import { FACE_LAG, type Coating } from '../../catalog';
import { isFit, type AirCourse, type Minute } from '../../climate';
import { calendarOf, type Calendar, type Span } from './calendar';

/** Temperatures of a face that follows the air of its room. */
const faceIn = (course: AirCourse): readonly number[] => {
  const follows = 1 - Math.exp(-1 / FACE_LAG.hours);
  let face = course.hours[0]?.celsius ?? 0;
  return course.hours.map(({ celsius }) => (face += (celsius - face) * follows));
};

/** Which coatings the air bears hour by hour; past its end the last day comes again. */
export const fitHours = (
  course: AirCourse,
  from: Minute,
  days: number,
): ((coating: Coating) => Calendar) => {
  const { hours } = course;
  if (hours.length === 1) {
    const [air] = hours;
    const all: Span = { from: 0, to: 1e9 };
    return (coating) => ({ spans: air && isFit(coating, air) ? [all] : [] });
  }
  const faces = faceIn(course);
  const first = Math.floor(from / HOUR) * HOUR;
  return (coating) => {
    const fit = hours.map((air, hour) => isFit(coating, air, faces[hour]));
    const spans: Span[] = [];
    for (let at = first; at < from + days * 24 * HOUR; at += HOUR) {
      const since = Math.floor((at - course.from) / HOUR);
      const hour = since < hours.length ? since : hours.length - 24 + ((since - hours.length) % 24);
      if (fit[hour]) spans.push({ from: at, to: at + HOUR });
    }
    return calendarOf(spans);
  };
};
