import './session.css';

export { AccountPage } from './AccountPage';
export { JoinPage } from './JoinPage';
export { PasswordField } from './PasswordField';
export { sessionKeys, sessionOptions } from './queries';
export { SignInPage } from './SignInPage';
export { SignOutButton } from './SignOutButton';
export { ConfirmProvider, useConfirm } from './useConfirm';
export { useSession } from './useSession';
