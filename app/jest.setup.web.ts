import '@testing-library/jest-dom';
// jsdom has no fetch, and RTK Query makes a Request of every call.
import 'whatwg-fetch';
