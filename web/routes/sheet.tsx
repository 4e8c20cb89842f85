import { Link } from 'react-router';
import { PaperFrame } from '../features/sheet/PaperFrame.tsx';
import { ServingSheet } from '../features/sheet/ServingSheet.tsx';
import { DRAFT } from '../features/sheet/useChosenVersion.ts';

/** The serving sheet of a version. */
export const SheetScreen = () => (
  <PaperFrame
    heading="Serving sheet"
    beside={({ soup, version }) => (
      <Link className="underline print:hidden" to={`/soups/${soup.id}/print?v=${version?.number ?? DRAFT}`}>
        other forms
      </Link>
    )}
  >
    {(chosen) => <ServingSheet chosen={chosen} />}
  </PaperFrame>
);
