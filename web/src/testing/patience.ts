import { configure } from '@testing-library/react';

// after the environment, so that every test still clears its page; a slow machine is given time
configure({ asyncUtilTimeout: 8000 });
