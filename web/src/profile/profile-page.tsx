import { useQuery } from '@tanstack/react-query';
import { GitCompare, PencilLine } from 'lucide-react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { ProfilePageView } from '#/api/types';
import { ExportMenu } from '#/parts/profile/export-menu';
import { CannotShow } from '#/ui/cannot-show';
import { TopLine } from '#/ui/top-line';
import { buttonLook } from '#/ui/button';
import { Notice } from '#/ui/notice';
import { Trail } from '#/ui/trail';
import { CopyToHouse } from './copy-to-house';
import { ProfileAbout } from './profile-about';
import { ProfileChecks } from './profile-checks';
import { ProfileModes } from './profile-modes';
import { ProfileProofs } from './profile-proofs';
import { profileQuery } from '#/parts/profile/profile-query';
import { ProfileWheels } from './profile-wheels';
import { RevisionList } from './revision-list';

/** All that is known of a profile, to read. The revision that is shown stands in the address. */
export function ProfilePage() {
  const { profileId = '' } = useParams();
  const [search] = useSearchParams();
  const asked = search.get('revision');
  const { data: profile, error } = useQuery(profileQuery(profileId, asked !== null && /^\d{1,6}$/.test(asked) ? Number(asked) : null));
  if (error && !profile) return <CannotShow title="This profile cannot be shown" error={error} />;
  if (!profile) {
    return (
      <p role="status" className="p-6 text-muted">
        Opening the page …
      </p>
    );
  }
  return <Page key={`${profile.id} ${profile.revision}`} profile={profile} />;
}

function Page({ profile }: { profile: ProfilePageView }) {
  return (
    <>
      <title>{`${profile.name} · Yellow Kite`}</title>
      <TopLine
        trail={
          <Trail places={[{ text: 'Library', to: '/' }, { text: profile.manufacturer }]} here={profile.name}>
            <span className="shrink-0 rounded-sm border border-line px-1.5 py-0.5 text-xs text-muted">{`revision ${profile.revision}${profile.revision < profile.newest ? ` of ${profile.newest}` : ''}`}</span>
          </Trail>
        }
      >
        {profile.newest > 1 && (
          <Link
            to={`/compare?left=${profile.id}&leftRevision=${profile.newest - 1}&right=${profile.id}&rightRevision=${profile.newest}`}
            className={buttonLook({})}
          >
            <GitCompare size={16} aria-hidden />
            Compare
          </Link>
        )}
        <ExportMenu profileId={profile.id} />
        {profile.shelf === 'HOUSE' ? (
          <Link to={`/editor/${profile.id}`} className={buttonLook({ main: true })}>
            <PencilLine size={16} aria-hidden />
            Edit
          </Link>
        ) : (
          <CopyToHouse profile={profile} />
        )}
      </TopLine>
      <main className="grid min-h-0 flex-1 grid-cols-[19rem_minmax(0,1fr)] overflow-hidden">
        <div className="flex flex-col gap-6 overflow-y-auto border-r border-line bg-panel p-5">
          <ProfileAbout profile={profile} />
        </div>
        <div className="flex flex-col gap-8 overflow-y-auto p-6">
          <Warnings profile={profile} />
          <ProfileModes profile={profile} />
          <ProfileWheels profile={profile} />
          <ProfileProofs profile={profile} />
          <RevisionList profile={profile} />
          <ProfileChecks profile={profile} />
        </div>
      </main>
    </>
  );
}

function Warnings({ profile }: { profile: ProfilePageView }) {
  const { origin } = profile;
  return (
    <>
      {profile.binned && (
        <Notice severity="warning" where="It stays readable until then">
          {'This profile is in the bin, and is deleted after 30 days. '}
          <Link to="/bin" className="text-kite-text underline underline-offset-2">
            Delete
          </Link>
        </Notice>
      )}
      {profile.withdrawn !== null && (
        <Notice severity="error" where={`Revision ${profile.revision} stays readable`}>
          {`Withdrawn: ${profile.withdrawn}`}
        </Notice>
      )}
      {profile.revision < profile.newest && (
        <Notice severity="remark" where="">
          {`This is revision ${profile.revision}; `}
          <Link to={`/profile/${profile.id}`} className="text-kite-text underline underline-offset-2">
            {`the newest is ${profile.newest}`}
          </Link>
          .
        </Notice>
      )}
      {origin && origin.newest > origin.number && (
        <Notice severity="warning" where={`Taken from revision ${origin.number}`}>
          {`${origin.name} has moved on to revision ${origin.newest}. `}
          <Link
            to={`/compare?left=${origin.profileId}&leftRevision=${origin.number}&right=${origin.profileId}&rightRevision=${origin.newest}`}
            className="text-kite-text underline underline-offset-2"
          >
            What changed there
          </Link>
        </Notice>
      )}
    </>
  );
}
