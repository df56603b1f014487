import '@testing-library/jest-dom';
// jsdom has no fetch, and RTK Query makes a Request of every call.
import 'whatwg-fetch';
// Nor has it the copying that a store in the browser needs, nor such a store.
import './jest.clone';
import 'fake-indexeddb/auto';
