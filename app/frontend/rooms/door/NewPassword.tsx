import { PasswordField } from '../../ui/PasswordField'

interface Props {
  password: string
  again: string
  put: (password: string) => void
  putAgain: (again: string) => void
}

// A password typed twice; the two are held together once the second is begun.
export function NewPassword({ password, again, put, putAgain }: Props) {
  const differ = again !== '' && !password.startsWith(again) && again !== password
  return (
    <>
      <PasswordField
        fresh
        label="New password"
        value={password}
        put={put}
        words="at least 12 signs, without your name"
      />
      <PasswordField
        fresh
        label="The same again"
        value={again}
        put={putAgain}
        error={differ}
        words={differ ? 'the two differ' : ' '}
      />
    </>
  )
}
