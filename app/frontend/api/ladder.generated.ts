// Made by script/types.mjs from a JSON Schema. Do not edit.

/**
 * every rung that a ladder can have, foot first
 */
export type RungId =
  | "load"
  | "turn"
  | "level"
  | "angle"
  | "points"
  | "thrust"
  | "fittings"
  | "surroundings"
  | "loop"
  | "sharing"
  | "slings"
  | "grip"
  | "beam"
  | "upper"
  | "trunnion"
  | "end_beams"
  | "blocks"
  | "hook"
  | "hoist"
  | "wraps"
  | "height"
  | "boom"
  | "boom_room"
  | "booms"
  | "beam_gap"
  | "side_pull"
  | "chart"
  | "platform"
  | "crane"
  | "radii"
  | "tail_crane"
  | "head_crane"
  | "stand"
  | "ground"
  | "pads"
  | "tracks"
  | "cut"
  | "power_lines"
  | "obstacles"
  | "clearance"
  | "tail_swing"
  | "people"
  | "landing"
  | "wind"
  | "zones"
  | "gear"
  | "crew"
  | "signatures";
/**
 * the flights that rungs stand in, foot first
 */
export type FlightId = "load" | "rigging" | "crane" | "ground_and_site" | "gear_and_people";

/**
 * What the core answers for one plan: rungs foot first, and what a screen needs to draw them.
 */
export interface Ladder {
  format: "dust-ladder-ladder";
  version: 1;
  core: string;
  verdict: "holds" | "tight" | "stop" | "not_known";
  headline: Sentence;
  then: string;
  governs: RungId[];
  /**
   * the flights that have a rung in this plan, foot first, each with the worst of its rungs
   */
  flights: {
    id: FlightId;
    label: string;
    worst: RungId;
  }[];
  rungs: Rung[];
  /**
   * where a new plan stands in the order of work
   */
  first: {
    steps: {
      id: "load" | "points" | "rigging" | "crane" | "site";
      label: string;
      about: string;
      /**
       * those whose rungs wait for what it asks
       */
      flights: FlightId[];
      done: boolean;
      /**
       * the first of what it still asks for
       */
      asks: {
        what: string;
        pointer: string | null;
        /**
         * why it is asked
         */
        why: string | null;
      }[];
      echo: Sentence | null;
    }[];
    /**
     * what can be drawn of the load before it hangs, m
     */
    outline: {
      size: number[];
      cg: number[] | null;
      cg_half_width: number[] | null;
      points: {
        name: string;
        at: number[];
      }[];
      planned: Figure | null;
      /**
       * where two points could be, as a question
       */
      proposal: {
        points: {
          name: string;
          at: number[];
        }[];
        /**
         * what would be typed, by place of the plan
         */
        typed: {
          [k: string]: Sentence | undefined;
        };
        from_end: Figure;
        spread: Figure;
        angle: Figure;
        leg: Figure;
        hook_above: Figure;
      } | null;
    } | null;
    /**
     * what the load is planned as, once that is known
     */
    planned_kg: number | null;
  };
  /**
   * what the plan leaves out, and who says so
   */
  scope: {
    words: string;
    by: string;
    left_out: string[];
  } | null;
  /**
   * what makes the lift critical: it wants a second signature
   */
  critical: {
    id: string;
    words: Sentence;
  }[];
  readings: {
    /**
     * what was understood of what is typed at that place of the plan
     */
    [k: string]:
      | {
          typed: string;
          metric?: string;
          us?: string;
          /**
           * as it is reckoned with: kg, m, degrees, a share, m/s
           */
          value?: number;
        }
      | undefined;
  };
  problems: {
    pointer: string;
    typed: string;
    message: string;
    expected: string;
    /**
     * what it may have been meant as, each to be written in its place
     */
    choices: string[];
  }[];
  /**
   * what the plan takes from its take-off: bare weight and centre of gravity; null for what is typed, or not known
   */
  taken_off: {
    bare: Figure | null;
    cg: Figure[] | null;
  };
  drawing: Drawing | null;
  reach: Reach | null;
  machine: Machine;
  crane: CraneView | null;
  site: SiteView | null;
  /**
   * the same of the tail's crane, where two carry the load
   */
  site_tail: SiteView | null;
  tailing: Tailing | null;
  /**
   * the tail's holds side by side; told when its crane's rung is open
   */
  beside: TailHeld[] | null;
  take_off: TakeOff | null;
  /**
   * by which the document that this answers can be named when a change of it is sent
   */
  base: string | null;
}
export interface Sentence {
  metric?: string;
  us?: string;
}
export interface Rung {
  id: RungId;
  label: string;
  flight: FlightId;
  verdict: "holds" | "tight" | "stop" | "not_known";
  subject: string | null;
  utilisation: Figure | null;
  attention: number | null;
  demand: Figure | null;
  capacity: Figure | null;
  note: Sentence | null;
  parts: Part[];
  /**
   * every line of its arithmetic; nothing where it was not asked for
   */
  working: Line[] | null;
  cautions: {
    id: string;
    text: Sentence;
    about: string | null;
  }[];
  missing: {
    what: string;
    pointer: string | null;
  }[];
  /**
   * its worst case is still being worked out
   */
  pending: boolean;
  /**
   * who answered it in words, and until when that counts
   */
  word: {
    says: string;
    by: string;
    on: string;
    lapses: string;
  } | null;
}
export interface Figure {
  value: number;
  unit:
    | "kg"
    | "m"
    | "deg"
    | "percent"
    | "factor"
    | "kg_per_m"
    | "count"
    | "m2"
    | "m3"
    | "kg_per_m2"
    | "kg_per_m3"
    | "kg_m"
    | "m_per_s"
    | "celsius"
    | "kv"
    | "kpa";
  metric?: string;
  us?: string;
}
export interface Part {
  name: string;
  verdict: "holds" | "tight" | "stop" | "not_known";
  utilisation: Figure | null;
  demand: Figure | null;
  capacity: Figure | null;
  nominal: Figure | null;
  note: Sentence | null;
}
export interface Line {
  symbol: string;
  formula: string | null;
  metric?: string | null;
  us?: string | null;
  operands: {
    [k: string]: number | undefined;
  };
  result: Figure;
  source: string | null;
  about: string | null;
  group: string | null;
}
/**
 * metres in the load's axes; hook and up are those of the hanging pose
 */
export interface Drawing {
  /**
   * @minItems 3
   * @maxItems 3
   */
  size: number[];
  /**
   * @minItems 3
   * @maxItems 3
   */
  cg: number[];
  /**
   * @minItems 3
   * @maxItems 3
   */
  cg_half_width: number[];
  points: {
    name: string;
    /**
     * @minItems 3
     * @maxItems 3
     */
    at: number[];
  }[];
  /**
   * @minItems 3
   * @maxItems 3
   */
  hook: number[] | null;
  /**
   * @minItems 3
   * @maxItems 3
   */
  up: number[] | null;
  legs: Strand[];
  hook_height: Figure | null;
  hook_set: Figure | null;
  cg_plumb: Figure | null;
  /**
   * the load's parts, where they say its size
   */
  solids: Solid[];
  /**
   * the slings above a beam
   */
  uppers: Strand[];
  beam: {
    number: string;
    kind: "spreader" | "lifting";
    holes: number[][];
    eyes: number[][];
    used: number[];
  } | null;
  tilt: {
    deg: Figure;
    end_to_end: Figure;
  } | null;
  rated: {
    name: string;
    /**
     * @minItems 3
     * @maxItems 3
     */
    at: number[];
  }[];
}
/**
 * one leg as it hangs nominally; top and bottom are where it bears, in the load's axes; share and thrust its pull upward and along the level
 */
export interface Strand {
  name: string;
  length: Figure;
  run: Figure;
  height: Figure;
  from_horizontal: Figure;
  from_plumb: Figure;
  included: Figure;
  verdict: "holds" | "tight" | "stop" | "not_known";
  worst: Figure | null;
  nominal: Figure | null;
  utilisation: Figure | null;
  /**
   * @minItems 3
   * @maxItems 3
   */
  top: number[];
  /**
   * @minItems 3
   * @maxItems 3
   */
  bottom: number[];
  slack: boolean;
  share: Figure | null;
  thrust: Figure | null;
  /**
   * level distance of its foot from the hook's plumb line, seen along the load's y and along its x
   *
   * @minItems 2
   * @maxItems 2
   */
  off: Figure[];
  rest: Figure1;
}
/**
 * its length with no pull on it, as rigged
 */
export interface Figure1 {
  value: number;
  unit:
    | "kg"
    | "m"
    | "deg"
    | "percent"
    | "factor"
    | "kg_per_m"
    | "count"
    | "m2"
    | "m3"
    | "kg_per_m2"
    | "kg_per_m3"
    | "kg_m"
    | "m_per_s"
    | "celsius"
    | "kv"
    | "kpa";
  metric?: string;
  us?: string;
}
export interface Solid {
  form: "block" | "round" | "box_tube" | "angle" | "channel" | "i_section" | "cone" | "ball" | "cap" | "bend";
  /**
   * @minItems 3
   * @maxItems 3
   */
  middle: number[];
  /**
   * @minItems 3
   * @maxItems 3
   */
  extent: number[];
  /**
   * unit vectors that its own axes point along, one after the other; null when they are the load's
   */
  lie: number[] | null;
  measures: {
    [k: string]: number | undefined;
  };
  cut: boolean;
}
export interface Reach {
  title: string;
  sectors: string[];
  steps: {
    from_m: number;
    to_m: number;
    kg: number | null;
  }[];
  gross: Figure | null;
  end: Figure | null;
  stations: {
    name: string;
    radius: Figure;
    loaded_radius: Figure;
    row: Figure | null;
    capacity: Figure | null;
    left: Figure | null;
    utilisation: Figure | null;
    verdict: "holds" | "tight" | "stop" | "not_known";
  }[];
}
/**
 * what the chosen machine asks of the plan
 */
export interface Machine {
  /**
   * by what its chart is read
   */
  reads: "radius" | "angles";
  /**
   * is a boom length given, at each station where it changes?
   */
  booms: boolean;
  second_trolley: boolean;
  /**
   * falls, or parts of line?
   */
  falls: boolean;
  /**
   * does its chart rate the hook?
   */
  hook_rated: boolean;
}
/**
 * the crane as a screen draws it; plain numbers are m, degrees and shares, for pixels
 */
export interface CraneView {
  family: string;
  sectors: {
    name: string;
    from: number;
    to: number;
  }[];
  farthest_m: number | null;
  zones: {
    name: string;
    slew_from: number;
    slew_to: number;
    radius_from: number;
    radius_to: number | null;
  }[];
  stations: {
    index: number;
    name: string;
    radius_m: number;
    loaded_m: number;
    slew_deg: number | null;
    base_m: number | null;
    boom: number[][];
    tip_m: number | null;
    boom_angle: Figure | null;
  }[];
  load: {
    half_m: number;
    height_m: number;
    hook_m: number;
  } | null;
  booms: number[];
  way: number[][];
  starts?: number[];
  curve: (number | null)[][];
  governs: {
    along: number;
    radius_m: number;
    slew_deg: number | null;
    radius: Figure;
    sector: string | null;
    kg: Figure | null;
    left: Figure | null;
    room: Figure | null;
  } | null;
  trip: {
    between: number;
    share: number;
    radius: Figure;
    slew: Figure | null;
    why: string;
    along: number;
  } | null;
  /**
   * the highest thing on the way, above the ground, m; null where it is not known
   */
  obstacle_m: number | null;
  /**
   * share of the chart from which on its use wants attention, by the rule set
   */
  attention: number;
}
/**
 * the site as a screen draws it, north up; plain numbers are m east and north of the peg and degrees, for pixels
 */
export interface SiteView {
  title: string;
  boundary: number[][];
  features: {
    kind: string;
    name: string;
    outline: number[][] | null;
    line: number[][] | null;
    at: number[] | null;
    words: Sentence | null;
  }[];
  crane: {
    axis: number[];
    bearing: number;
    tail_m: number | null;
  } | null;
  feet: {
    name: string;
    outline: number[][];
    verdict: "stop" | "not_known" | "tight" | "holds";
    used: Figure | null;
    kpa: Figure | null;
    /**
     * the mat of the same mass that it would take, where its own is too small
     */
    wants: {
      side: Figure;
      wants: Figure;
      outline: number[][];
    } | null;
  }[];
  /**
   * of each power line: its least clearance and its working zone
   */
  zones: {
    line: number[][];
    clearance_m: number | null;
    zone_m: number;
  }[];
  stations: {
    index: number;
    name: string;
    at: number[];
    place: Figure[];
    radius_m: number;
    slew_deg: number;
    load: number[][] | null;
    /**
     * where it is before the boom bends
     */
    lies: number[];
    /**
     * is it given by its place?
     */
    placed: boolean;
  }[];
  way: number[][];
  profile: {
    long_m: number;
    carried_m: number;
    under: number[][];
  } | null;
}
/**
 * a load between two cranes, over its whole turn or way; places in m, along toward the head from where its hook begins, and up from the site's peg
 */
export interface Tailing {
  does: "stand_up" | "lay_down" | "carry";
  hold: ("lug" | "trunnion" | null)[];
  limit: Figure;
  /**
   * share of the limit past which it is tight
   */
  attention: number;
  outline: number[][];
  points: number[][];
  /**
   * the same of both hooks, m: not above the points where a beam hangs in both
   */
  hooks: number[][];
  /**
   * of a beam in both hooks how far it goes past either, and how high it is, m
   */
  beam: number[] | null;
  /**
   * @minItems 2
   * @maxItems 2
   */
  cg_half_width: number[];
  width: number;
  from: number;
  to: number;
  steps: TailingStep[];
  /**
   * use of either chart by step, rows of the chart as steps
   */
  curves: {
    head: (number | null)[][];
    tail: (number | null)[][];
  };
  cranes: TailingCrane[];
  worst: {
    head: {
      at: number;
      words: string;
      use: Figure | null;
    } | null;
    tail: {
      at: number;
      words: string;
      use: Figure | null;
    } | null;
  };
  gap_wanted: number | null;
  gap_least: {
    at: number;
    gap: Figure;
  } | null;
  ends_at: number | null;
}
/**
 * one tilt of the turn, or one step of the way
 */
export interface TailingStep {
  at: number;
  words: string;
  tilt: number;
  /**
   * @minItems 2
   * @maxItems 2
   */
  cg: number[];
  to_head: Figure;
  to_tail: Figure;
  gap: number | null;
  head: TailingSide;
  tail: TailingSide;
}
export interface TailingSide {
  hook: number[] | null;
  hook_high: number | null;
  share: Figure | null;
  gross: Figure | null;
  capacity: Figure | null;
  use: Figure | null;
  radius: Figure | null;
  row: number | null;
}
export interface TailingCrane {
  name: string;
  axis: number[] | null;
  bearing: number | null;
  sling: number | null;
  beam: number[] | null;
  rows: number[] | null;
}
/**
 * one way of holding the tail
 */
export interface TailHeld {
  kind: "upper" | "under" | "trunnion";
  words: string;
  planned: boolean;
  tail_most: Figure | null;
  tail: {
    use: Figure | null;
    at: string;
    past_from: string | null;
    verdict: "holds" | "tight" | "stop" | "not_known";
  } | null;
  head: {
    use: Figure | null;
    at: string;
    past_from: string | null;
    verdict: "holds" | "tight" | "stop" | "not_known";
  } | null;
  gap: {
    gap: Figure;
    short_from: string | null;
    verdict: "holds" | "stop";
  } | null;
  upright: string | null;
  curve: (number | null)[];
}
/**
 * the take-off, when it was asked for
 */
export interface TakeOff {
  pointer: string;
  rows: (TakeOffRow | null)[];
  bare: Figure | null;
  planned: Figure | null;
  least: Figure | null;
  trouble: {
    what: string;
    pointer: string | null;
  } | null;
  cg: Figure[] | null;
  half_width: Figure[] | null;
  cg_trouble: {
    what: string;
    pointer: string | null;
  } | null;
  outline: number[][] | null;
  largest: {
    row: number;
    share: Figure;
  }[];
  cautions: {
    id: string;
    text: Sentence;
    about: string | null;
  }[];
  row: {
    index: number;
    hints: string[];
    readings: {
      [k: string]:
        | {
            name: string;
            figure: Figure;
          }[]
        | undefined;
    };
    working: Line[];
  } | null;
  /**
   * allowances and heavy ends of materials
   */
  added: Figure | null;
}
export interface TakeOffRow {
  name: string;
  mass: Figure | null;
  at: number[] | null;
  solids: Solid[];
  problems: {
    field: string;
    typed: string;
    message: string;
    expected: string;
  }[];
  group: boolean;
}
