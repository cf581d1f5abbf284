import { Link } from 'react-router';

export const NotFound = ({ what = 'page' }: { what?: string }) => (
  <main className="sheet" style={{ display: 'block', padding: 40 }}>
    <h1 className="sign">There is no such {what} here</h1>
    <p>It may have been taken off the day, or the address was mistyped.</p>
    <Link to="/" className="press quiet">
      Back to Today
    </Link>
  </main>
);
