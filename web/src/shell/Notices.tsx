import { api } from '../api/api';
import { allDrafts, desk } from '../desk/desk';
import { letGo } from '../desk/changes';
import { notice } from '../desk/notices';
import { useAppDispatch, useAppSelector } from '../desk/store';
import { notStored } from '../wording/saving';

/** What was just done and can be taken back; else what of the cook's changes the server has not had, and why. */
export function Notices() {
  const now = useAppSelector((s) => s.notice.now);
  const offline = useAppSelector((s) => s.desk.offline);
  const dispatch = useAppDispatch();
  if (!now) return offline ? <Offline /> : <NotSent />;
  const putBack = () => {
    const { undo } = now;
    if (undo?.kind === 'larder') void dispatch(api.endpoints.restoreLarder.initiate(undo.id));
    if (undo?.kind === 'item') void dispatch(api.endpoints.restoreItem.initiate(undo.id));
    if (undo?.kind === 'newTool') void dispatch(api.endpoints.removeTool.initiate(undo.id));
    if (undo?.kind === 'newLarder') void dispatch(api.endpoints.removeLarder.initiate(undo.id));
    if (undo?.kind === 'bake') void dispatch(api.endpoints.restoreBake.initiate(undo.id));
    dispatch(notice.actions.dismissed());
  };
  return (
    <div className="undo-bar" role="status">
      <span>{now.text}</span>
      {now.undo && (
        <button type="button" onClick={putBack}>
          {now.undo.kind.startsWith('new') ? 'Take it back' : 'Put it back'}
        </button>
      )}
      <button type="button" onClick={() => dispatch(notice.actions.dismissed())}>
        Heard
      </button>
    </div>
  );
}

function Offline() {
  const waiting = useAppSelector((s) => allDrafts(s.desk).length);
  return (
    <div className="undo-bar" role="status">
      <span style={{ padding: '10px 10px 10px 0' }}>
        No answer from the server. Everything goes on here and is sent when it is back
        {waiting > 0 ? `: ${waiting} ${waiting === 1 ? 'change waits' : 'changes wait'} on this device` : ''}.
      </span>
    </div>
  );
}

/** A change that the server would not have, and what can be done with it: neither sent nor let go unasked. */
function NotSent() {
  const refused = useAppSelector((s) => s.desk.refusedSaves[0]);
  const more = useAppSelector((s) => s.desk.refusedSaves.length - 1);
  const dispatch = useAppDispatch();
  if (!refused) return null;
  return (
    <div className="undo-bar" role="alert">
      <span>
        {notStored(refused)}
        {more > 0 ? ` And ${more} more.` : ''}
      </span>
      <button type="button" onClick={() => dispatch(desk.actions.saveTriedAgain(refused.id))}>
        Send it again
      </button>
      <button type="button" onClick={() => void dispatch(letGo(refused.id))}>
        Let it go
      </button>
    </div>
  );
}
