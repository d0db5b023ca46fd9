import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { Decide } from './decide/Decide';
import { Follow } from './follow/Follow';
import { Frame } from './frame/Frame';
import { Measure } from './measure/Measure';
import { Gate } from './people/Gate';
import { Read } from './read/Read';
import { NewField } from './scout/NewField';
import { Scout } from './scout/Scout';
import { Season } from './season/Season';

// Seldom opened: fetched when they are.
const MethodPage = lazy(() => import('./learn/MethodPage'));
const AccountPage = lazy(() => import('./people/AccountPage'));
const People = lazy(() => import('./people/People'));

export function App() {
  return (
    <Gate>
      <Frame>
        <Suspense fallback={<p className="py-10 text-faded">Fetching…</p>}>
          <Routes>
            <Route path="/" element={<Season />} />
            <Route path="/new-field" element={<NewField />} />
            <Route path="/fields/:fieldId/scout" element={<Scout />} />
            <Route path="/fields/:fieldId/visits/:visitId/scout" element={<Scout />} />
            <Route path="/fields/:fieldId/visits/:visitId/measure" element={<Measure />} />
            <Route path="/fields/:fieldId/visits/:visitId/read" element={<Read />} />
            <Route path="/fields/:fieldId/visits/:visitId/decide" element={<Decide />} />
            <Route path="/fields/:fieldId/visits/:visitId/follow" element={<Follow />} />
            <Route path="/methods" element={<MethodPage />} />
            <Route path="/methods/:methodId" element={<MethodPage />} />
            <Route path="/people" element={<People />} />
            <Route path="/account" element={<AccountPage />} />
            <Route path="*" element={<Navigate to="/" replace />} />
          </Routes>
        </Suspense>
      </Frame>
    </Gate>
  );
}
