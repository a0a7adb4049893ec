import { configure } from '@testing-library/react';

// for a machine that does other things beside; a test that passes does not wait
configure({ asyncUtilTimeout: 20_000 });
