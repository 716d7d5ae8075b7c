// The head of a table, one word a column.
export const Heads = ({ of }: { of: string[] }) => (
  <thead>
    <tr>
      {of.map((head) => (
        <th key={head} scope="col">
          {head}
        </th>
      ))}
    </tr>
  </thead>
)
