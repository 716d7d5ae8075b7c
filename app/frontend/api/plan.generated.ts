// Made by script/types.mjs from a JSON Schema. Do not edit.

/**
 * lengthwise along the load
 */
export type Prevented = {
  means: "stop" | "lug" | "collar" | "lashing" | "choke_double_wrapped" | "other";
  words: string;
  /**
   * who says so
   */
  by: string;
} | null;
/**
 * round the load
 */
export type Prevented1 = {
  means: "stop" | "lug" | "collar" | "lashing" | "choke_double_wrapped" | "other";
  words: string;
  /**
   * who says so
   */
  by: string;
} | null;
/**
 * two cranes on one load: the first point, leg and crane are the head's, the second ones the tail's
 */
export type Tandem = {
  does: "stand_up" | "lay_down" | "carry" | null;
  /**
   * an angle as written, with its unit
   */
  from: string | null;
  /**
   * an angle as written, with its unit
   */
  to: string | null;
  /**
   * which hook comes as the lines draw near while it turns
   */
  comes: "tail" | "head" | "both" | null;
  /**
   * an angle as written, with its unit
   */
  bearing: string | null;
  /**
   * the head's hook as it begins, from the site's peg
   */
  head_at: {
    /**
     * a length as written, with its unit
     */
    east: string | null;
    /**
     * a length as written, with its unit
     */
    north: string | null;
  };
  /**
   * where a load that is carried ends
   */
  head_to?: {
    /**
     * a length as written, with its unit
     */
    east: string | null;
    /**
     * a length as written, with its unit
     */
    north: string | null;
    /**
     * an angle as written, with its unit
     */
    bearing: string | null;
  } | null;
  /**
   * a length as written, with its unit
   */
  under: string | null;
  /**
   * a length as written, with its unit
   */
  out_of_step?: string | null;
  /**
   * what jerking and rough ground add, such as 10 %; nothing for nothing
   */
  dynamic?: string | null;
  /**
   * where the tail crane lets go, or takes hold
   */
  handover?: {
    /**
     * an angle as written, with its unit
     */
    at: string | null;
    /**
     * who planned it
     */
    by: string;
  } | null;
  /**
   * tilts at which it is held and both hooks are read; of a load that is carried, shares of its way
   *
   * @maxItems 12
   */
  holds?: (string | null)[];
  /**
   * @minItems 2
   * @maxItems 2
   */
  ends: {
    /**
     * what the slings take hold of
     */
    hold: "lug" | "trunnion" | null;
    /**
     * alike, side by side
     */
    slings: 1 | 2 | null;
    /**
     * number of a sling snapshot: the other of two side by side
     */
    second: string | null;
    /**
     * a length as written, with its unit
     */
    apart: string | null;
    /**
     * an angle as written, with its unit
     */
    plumb: string | null;
    /**
     * how the crane follows its hook
     */
    moves: "stays" | "slews_and_luffs" | "walks" | null;
    /**
     * between hook and slings
     */
    beam: {
      name: string;
      /**
       * a mass as written, with its unit
       */
      mass: string | null;
      /**
       * a mass as written, with its unit
       */
      rated: string | null;
      /**
       * a length as written, with its unit
       */
      width: string | null;
      /**
       * a length as written, with its unit
       */
      high: string | null;
    } | null;
    trunnion: {
      /**
       * a length as written, with its unit
       */
      diameter: string | null;
      /**
       * an eye over it, or the sling half round it
       */
      by: "eye" | "half_wrap" | null;
      /**
       * is there a plate or collar that the sling cannot pass?
       */
      keeper: boolean | null;
    } | null;
  }[];
  /**
   * one beam in both hooks, the load below it on a plumb sling at each point; only of a load that is carried
   */
  beam?: {
    name: string;
    /**
     * a mass as written, with its unit
     */
    mass: string | null;
    /**
     * a mass as written, with its unit
     */
    rated: string | null;
    /**
     * a length as written, with its unit
     */
    span: string | null;
    /**
     * a length as written, with its unit
     */
    off: string | null;
    /**
     * a length as written, with its unit
     */
    high: string | null;
    /**
     * a length as written, with its unit
     */
    long: string | null;
    /**
     * a length as written, with its unit
     */
    width: string | null;
  } | null;
} | null;
/**
 * who is named for the lift, and for what
 *
 * @maxItems 40
 */
export type Crew = {
  role: "operator" | "slinger" | "signaller" | "supervisor";
  name: string;
  /**
   * which of the people snapshots this is
   */
  person?: string | null;
}[];
export type Loose =
  | string
  | boolean
  | number
  | Loose[]
  | {
      [k: string]: Loose | undefined;
    };

/**
 * One lift plan, self-contained. Quantities of the plan are kept as they were written, with their unit; snapshots are in kg, m and degrees, with the unit in the key's name.
 */
export interface Plan {
  format: "dust-ladder-plan";
  version: 2;
  /**
   * version of the core that wrote the file
   */
  core?: string;
  title: string;
  site: string;
  /**
   * which of the site snapshots the lift takes place on; its rungs are then worked out, not answered by word
   */
  site_document?: string | null;
  /**
   * local time at the site
   */
  lift_at: string | null;
  /**
   * when the lift ends, local time at the site
   */
  lift_until?: string | null;
  /**
   * which of the rule-set snapshots is used
   */
  rules: string;
  load: Load;
  rigging: Rigging;
  /**
   * the crane of the lift, with where it picks and sets; or head and tail crane of a load that two carry
   *
   * @minItems 1
   * @maxItems 2
   */
  cranes: Crane[];
  tandem?: Tandem;
  crew?: Crew;
  by_word?: ByWord;
  scope?: Scope;
  snapshots: Snapshots;
}
export interface Load {
  name: string;
  weight: {
    /**
     * where it comes from; typed when nothing is said
     */
    by?: "typed" | "take_off";
    /**
     * a mass as written, with its unit
     */
    bare: string | null;
    basis: "weighed" | "certified" | "calculated" | "estimated" | "unknown";
    /**
     * who says so, or how it was found
     */
    source: string;
    /**
     * what the weight was taken as before, oldest first
     *
     * @maxItems 200
     */
    history?: EarlierWeight[];
  };
  size: {
    /**
     * where it comes from; typed when nothing is said
     */
    by?: "typed" | "take_off";
    /**
     * a length as written, with its unit
     */
    length: string | null;
    /**
     * a length as written, with its unit
     */
    width: string | null;
    /**
     * a length as written, with its unit
     */
    height: string | null;
  };
  cg: {
    /**
     * where it comes from; typed when nothing is said
     */
    by?: "typed" | "take_off";
    /**
     * a length as written, with its unit
     */
    x: string | null;
    /**
     * a length as written, with its unit
     */
    y: string | null;
    /**
     * a length as written, with its unit
     */
    z: string | null;
    basis: "take_off" | "drawing" | "by_eye" | "contents_unknown";
    /**
     * half-widths of the box that the centre of gravity may be in, in place of the rule set's share of the size
     */
    half_width?: {
      /**
       * a length as written, with its unit
       */
      x?: string | null;
      /**
       * a length as written, with its unit
       */
      y?: string | null;
      /**
       * a length as written, with its unit
       */
      z?: string | null;
    };
  };
  /**
   * @minItems 1
   * @maxItems 4
   */
  points: {
    name: string;
    /**
     * a length as written, with its unit
     */
    x: string | null;
    /**
     * a length as written, with its unit
     */
    y: string | null;
    /**
     * a length as written, with its unit
     */
    z: string | null;
    /**
     * what a point is on that lies outside the load's outline
     */
    on?: string;
    /**
     * a mass as written, with its unit
     */
    wll?: string | null;
  }[];
  take_off?: TakeOff;
  /**
   * lifting points that the load's maker rated; where they are given every leg must be on one
   *
   * @maxItems 40
   */
  rated_points?: {
    name: string;
    /**
     * a length as written, with its unit
     */
    x: string | null;
    /**
     * a length as written, with its unit
     */
    y: string | null;
    /**
     * a length as written, with its unit
     */
    z: string | null;
    /**
     * a mass as written, with its unit
     */
    wll: string | null;
  }[];
  /**
   * whether what the legs press along the level can harm it
   */
  thrust?: {
    /**
     * @maxItems 3
     */
    marks?: ("thin" | "long" | "flexible")[];
    /**
     * a mass as written, with its unit
     */
    limit?: string | null;
  };
  /**
   * bundle: loose pieces, a stack or a bundle, that a single wrap does not grip all round; null or left out: nobody said
   */
  made_of?: "one_piece" | "bundle" | null;
}
export interface EarlierWeight {
  /**
   * when it was replaced, local time
   */
  at: string;
  by: "typed" | "take_off";
  bare: string | null;
  basis: "weighed" | "certified" | "calculated" | "estimated" | "unknown";
  source: string;
}
export interface TakeOff {
  /**
   * @maxItems 10000
   */
  parts: Part[];
  /**
   * @maxItems 200
   */
  groups: Group[];
  /**
   * @maxItems 200
   */
  materials: {
    name: string;
    /**
     * what is reckoned with, such as 2.4 t/m3
     */
    density: string;
    low: string;
    high: string;
    source: string;
  }[];
}
/**
 * one row as it was typed; what cannot be read stays here and makes the weight not known
 */
export interface Part {
  /**
   * what it is
   */
  name: string;
  /**
   * plate, angle, box, known item ...; or the title of a group
   */
  shape: string;
  /**
   * its measures with x between them, each with its unit
   */
  size: string;
  /**
   * load axes that its length and width are along, and a turn; empty for the shape's usual way
   */
  lies: string;
  /**
   * name of a material, or a density
   */
  material: string;
  /**
   * whole number; below zero for a cut-out; empty for one
   */
  quantity: string;
  /**
   * place along the load
   */
  x: string;
  /**
   * place across
   */
  y: string;
  /**
   * place up
   */
  z: string;
  /**
   * what x, y, z are measured to: centre, corner, or the origin of a group; empty for the usual
   */
  to: string;
  /**
   * how its weight is known; empty for calculated
   */
  basis: string;
  /**
   * free to move or held by baffles; empty for free
   */
  fluid: string;
  /**
   * anything else
   */
  note: string;
}
/**
 * parts that go together, in axes of their own
 */
export interface Group {
  title: string;
  /**
   * @maxItems 10000
   */
  parts: Part[];
}
export interface Rigging {
  /**
   * hook_height: legs are made up to hang level under it; leg_lengths: the hook comes where the legs put it; leg_angles: lengths follow from each leg's angle
   */
  set_by: "hook_height" | "leg_lengths" | "leg_angles";
  /**
   * a length as written, with its unit
   */
  hook_height: string | null;
  /**
   * one for each point, in the points' order
   *
   * @minItems 1
   * @maxItems 4
   */
  legs: {
    /**
     * number of a sling snapshot
     */
    sling: string | null;
    hitch: "vertical" | "choker" | "basket";
    /**
     * a length as written, with its unit
     */
    length: string | null;
    /**
     * interior angle at the eye, 180 not bent
     */
    choke_angle: string | null;
    /**
     * a length as written, with its unit
     */
    basket_width: string | null;
    /**
     * an older note of what keeps it from sliding; it cures nothing
     */
    held_by: string;
    /**
     * a length as written, with its unit
     */
    bend?: string | null;
    /**
     * what joins the leg to the load and to the hook
     *
     * @maxItems 6
     */
    fittings?: Fitting[];
    /**
     * between each part of a choke's loop and the level line between them, where it closes round the load
     */
    loop_angle?: string | null;
    /**
     * which hole of the beam it hangs from, counted along x from 0; a spreader's ends are 0 and 1
     */
    hole?: number | null;
    /**
     * a length as written, with its unit
     */
    round?: string | null;
    /**
     * what keeps a basket or choke from sliding; one means cures one question
     */
    prevents?: {
      along?: Prevented;
      round?: Prevented1;
    };
    /**
     * how often a basket or choke goes round the load
     */
    wraps?: number | null;
    /**
     * as typed with its convention, such as 45° from horizontal; used when set by leg_angles
     */
    angle?: string | null;
    /**
     * was the choke hammered or battened down on the load? null: nobody said
     */
    beaten_down?: boolean | null;
    /**
     * own: the sling's own end holds the load, with no fitting between
     */
    load_end?: "own" | null;
  }[];
  /**
   * where the slings work; not looked at when it is not here
   */
  surroundings?: {
    /**
     * of the sling at its hottest or coldest, such as 35 °C
     */
    temperature: string | null;
    /**
     * @maxItems 3
     */
    near: ("acid" | "alkali" | "bleach")[];
    /**
     * what the slings bear on
     */
    edges: "none" | "padded" | "sharp" | null;
    no_sparks: boolean;
    no_current: boolean;
    /**
     * what the site leaves of every rating, such as 80 %; nothing for all of it
     */
    site_factor: string | null;
    site_reason: string;
    /**
     * a length as written, with its unit
     */
    edge_radius?: string | null;
    /**
     * of the load where slings bear on it
     */
    surface?: "plain" | "polished" | "coated" | "soft" | "thin" | null;
    /**
     * what lies between the slings and such a surface
     */
    packing?: string;
  };
  /**
   * a spreader or lifting beam between hook and legs, along the load's x; null or left out for none
   */
  beam?: {
    /**
     * number of a beam snapshot
     */
    beam: string | null;
    /**
     * a length as written, with its unit
     */
    span: string | null;
    /**
     * a length as written, with its unit
     */
    headroom: string | null;
    /**
     * slings above it, one for each upper eye
     *
     * @maxItems 2
     */
    legs: {
      sling: string | null;
      /**
       * a length as written, with its unit
       */
      length: string | null;
    }[];
    /**
     * which of a lifting beam's holes its bail is pinned in, counted along x from 0
     */
    bail?: number | null;
  } | null;
  /**
   * pairs of points held by one sling that runs over a sheave or rolling block at the hook
   */
  reeved?: {
    /**
     * @maxItems 2
     */
    pairs: number[][];
    /**
     * the competent person whose choice it is
     */
    decided_by: string;
    /**
     * one for each pair, in order
     *
     * @maxItems 2
     */
    blocks?: {
      /**
       * a mass as written, with its unit
       */
      wll?: string | null;
      /**
       * a mass as written, with its unit
       */
      eye_wll?: string | null;
      /**
       * a mass as written, with its unit
       */
      anchor_wll?: string | null;
    }[];
  } | null;
  /**
   * who decided on legs that are not alike, under which a rating for all legs together is void
   */
  unlike_decided_by?: string;
}
export interface Fitting {
  end: "load" | "hook";
  kind: "hook" | "shackle" | "eyebolt_plain" | "eyebolt_shouldered" | "hoist_ring";
  /**
   * a mass as written, with its unit
   */
  wll: string | null;
  /**
   * load axis along its shank, or along a shackle's centre line; null for a shackle that turns into the pull
   */
  axis?: "x" | "y" | "z" | null;
  /**
   * load axis square to the plane of its eye
   */
  across?: "x" | "y" | "z" | null;
  /**
   * how far from the bowl to the tip the load sits in a hook, such as 25 %
   */
  off_centre?: string | null;
  /**
   * a mass as written, with its unit
   */
  mass?: string | null;
  /**
   * of a shackle: is it pulled in the plane of its bow, or across it?
   */
  plane?: "in" | "across" | null;
  /**
   * a length as written, with its unit
   */
  thread?: string | null;
  /**
   * a length as written, with its unit
   */
  shank?: string | null;
  /**
   * a length as written, with its unit
   */
  hole?: string | null;
  /**
   * bolted through, its thread out past the nut
   */
  through?: boolean;
  /**
   * what an eyebolt is screwed into, and who says that it holds
   */
  into?: string;
  /**
   * its number, where it is one of the store
   */
  piece?: string | null;
}
export interface Crane {
  /**
   * id of a chart snapshot
   */
  chart: string | null;
  /**
   * the machine as it stands, under the chart's own identity fields
   */
  as_rigged: {
    [k: string]: string | undefined;
  };
  /**
   * who saw on the machine what stands in as_rigged, and when; it counts while the value is still that one
   */
  seen?: {
    [k: string]:
      | {
          value: string;
          by: string;
          at: string;
        }
      | undefined;
  };
  /**
   * a length as written, with its unit
   */
  boom_length: string | null;
  parts_of_line: number | null;
  radius_measured_loaded: boolean;
  turn: "clockwise" | "anticlockwise" | "none" | null;
  /**
   * pick, whatever lies between, set
   *
   * @minItems 2
   * @maxItems 12
   */
  stations: {
    name: string;
    /**
     * a length as written, with its unit
     */
    radius: string | null;
    /**
     * an angle as written, with its unit
     */
    slew: string | null;
    /**
     * a length as written, with its unit
     */
    support_height: string | null;
    /**
     * a length as written, with its unit
     */
    boom_length?: string | null;
    /**
     * how it turns to get here, where that is not the crane's turn
     */
    turn?: "clockwise" | "anticlockwise" | "none" | null;
    /**
     * of the station on the site, in place of radius and slew
     */
    place?: {
      /**
       * a length as written, with its unit
       */
      east: string | null;
      /**
       * a length as written, with its unit
       */
      north: string | null;
    } | null;
  }[];
  /**
   * a length as written, with its unit
   */
  obstacle_height: string | null;
  /**
   * @maxItems 30
   */
  deductions: {
    what: string;
    /**
     * a mass as written, with its unit
     */
    mass: string | null;
    /**
     * where it hangs; where it is not said it counts as on the hook
     */
    hangs?: "hook" | "elsewhere" | null;
  }[];
  /**
   * how far out of level the crane stands, as a share with %
   */
  level?: string | null;
  /**
   * who measured the level on the machine, and when, in the site's own time; it counts for that day
   */
  level_seen?: {
    by: string;
    at: string | null;
  } | null;
  /**
   * an angle as written, with its unit
   */
  side_pull?: string | null;
  /**
   * gust at the load or tip, with its unit
   */
  wind?: string | null;
  /**
   * a length as written, with its unit
   */
  wind_at?: string | null;
  second_trolley?: "fitted" | "not fitted" | null;
  /**
   * a second line that is reeved and hangs idle
   */
  idle_line?: {
    parts: number | null;
    /**
     * a length as written, with its unit
     */
    hanging: string | null;
  };
  /**
   * where the load must not go
   *
   * @maxItems 20
   */
  zones?: {
    name: string;
    /**
     * an angle as written, with its unit
     */
    slew_from: string | null;
    /**
     * an angle as written, with its unit
     */
    slew_to: string | null;
    /**
     * a length as written, with its unit
     */
    radius_from: string | null;
    /**
     * a length as written, with its unit
     */
    radius_to: string | null;
    /**
     * any part of the load, when nothing is said; or the trolley or boom tip alone, as a limiter is set
     */
    closed_to?: "load" | "tip";
  }[];
  /**
   * what the dry run of a platform and jib machine has shown
   */
  platform?: {
    /**
     * an angle as written, with its unit
     */
    lower_boom_from: string | null;
    /**
     * an angle as written, with its unit
     */
    lower_boom_to: string | null;
    /**
     * an angle as written, with its unit
     */
    upper_boom_from: string | null;
    /**
     * an angle as written, with its unit
     */
    upper_boom_to: string | null;
    /**
     * a length as written, with its unit
     */
    load_radius: string | null;
    /**
     * @maxItems 30
     */
    aboard: {
      what: string;
      /**
       * a mass as written, with its unit
       */
      mass: string | null;
    }[];
  };
  /**
   * how the load hangs in the crane's hook
   */
  hook?: {
    /**
     * how far from the bowl to the tip the load sits, such as 0 or 25 %
     */
    off_centre?: string | null;
    latch?: "closes" | "missing" | "made_without" | null;
    ring?: {
      /**
       * number or kind of the ring or link that gathers the legs
       */
      what: string;
      /**
       * a mass as written, with its unit
       */
      wll: string | null;
    } | null;
    /**
     * a mass as written, with its unit
     */
    wll?: string | null;
  };
  /**
   * an angle as written, with its unit
   */
  jib_offset?: string | null;
  /**
   * which cases of the chart's list of deductions hold for this lift
   */
  deduction_cases?: {
    [k: string]: boolean | null | undefined;
  };
  /**
   * where the crane stands on the site document's site, and on what
   */
  stand?: {
    /**
     * a length as written, with its unit
     */
    east: string | null;
    /**
     * a length as written, with its unit
     */
    north: string | null;
    /**
     * a length as written, with its unit
     */
    ground: string | null;
    /**
     * an angle as written, with its unit
     */
    bearing: string | null;
    mat?: {
      /**
       * a length as written, with its unit
       */
      side: string | null;
      /**
       * a mass as written, with its unit
       */
      mass: string | null;
      /**
       * a mass as written, with its unit
       */
      rated?: string | null;
      /**
       * numbers of the mats, where they are of the store
       *
       * @maxItems 8
       */
      pieces?: string[];
    } | null;
    /**
     * a length as written, with its unit
     */
    carried?: string | null;
    /**
     * turns the load with the boom, or is it held as it lies by tag lines; null: any way
     */
    load_turned?: "with_boom" | "held" | null;
    /**
     * an angle as written, with its unit
     */
    load_axis?: string | null;
    /**
     * who watches the power line and does nothing else
     */
    watcher?: string;
    dunnage?: {
      count: number | null;
      /**
       * a length as written, with its unit
       */
      length: string | null;
      /**
       * a length as written, with its unit
       */
      width: string | null;
      /**
       * a length as written, with its unit
       */
      high?: string | null;
      /**
       * how it is stacked
       */
      form?: "box" | "wedge" | "notched" | null;
    } | null;
  };
}
/**
 * rungs that are answered in words; one that is not here is not answered
 */
export interface ByWord {
  ground?: Word;
  power_lines?: LineWord;
  obstacles?: Word;
  crew?: Word;
}
/**
 * an answer in words, by a named person, in place of figures
 */
export interface Word {
  /**
   * what was found, or where it is written
   */
  says?: string;
  /**
   * who says so
   */
  by?: string;
  /**
   * the day on which it was said
   */
  on?: string | null;
  /**
   * the last day on which it counts; the rule set may end it sooner
   */
  until?: string | null;
}
/**
 * what somebody says of power lines
 */
export interface LineWord {
  /**
   * what was found, or where it is written
   */
  says?: string;
  /**
   * who says so
   */
  by?: string;
  /**
   * the day on which it was said
   */
  on?: string | null;
  /**
   * the last day on which it counts; the rule set may end it sooner
   */
  until?: string | null;
  /**
   * is a power line near: none as far as was looked, one of known voltage, or one that nobody knows
   */
  lines?: "none" | "known" | "unknown" | null;
  /**
   * a length as written, with its unit
   */
  looked?: string | null;
  /**
   * of the line, such as 110 kV
   */
  voltage?: string | null;
  /**
   * a length as written, with its unit
   */
  nearest?: string | null;
}
/**
 * what the plan is about; the whole lift when nothing is said
 */
export interface Scope {
  kind: "whole" | "workshop" | "rigging";
  /**
   * who says that the rest cannot arise; nothing is left out without a name
   */
  by: string;
}
export interface Snapshots {
  rule_sets: {
    [k: string]:
      | {
          digest: string;
          data: RuleSet;
        }
      | undefined;
  };
  slings: {
    [k: string]:
      | {
          digest: string;
          data: Sling;
        }
      | undefined;
  };
  charts: {
    [k: string]:
      | {
          digest: string;
          data: Chart;
        }
      | undefined;
  };
  beams?: {
    [k: string]:
      | {
          digest: string;
          data: Beam;
        }
      | undefined;
  };
  sites?: {
    [k: string]:
      | {
          digest: string;
          data: Site;
        }
      | undefined;
  };
  people?: {
    [k: string]:
      | {
          digest: string;
          data: Person;
        }
      | undefined;
  };
  gear?: {
    [k: string]:
      | {
          digest: string;
          data: GearPiece;
        }
      | undefined;
  };
}
export interface RuleSet {
  id: string;
  version: number;
  title: string;
  about: string;
  /**
   * the shipped set that a site copied
   */
  from?: {
    id: string;
    version: number;
  };
  /**
   * who changed what of it, eldest first
   *
   * @maxItems 2000
   */
  changes?: {
    place: string;
    before: number | string | boolean | null;
    after: number | string | boolean | null;
    by: string;
    why: string;
    on: string;
  }[];
  /**
   * each with its kind and bounds; a name that this version does not know is not looked at
   */
  values: {
    allowance?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    angle_aim_deg_from_horizontal?: {
      value: number;
      reason: string;
    };
    angle_attention_deg_from_horizontal?: {
      value: number;
      reason: string;
    };
    angle_floor_deg_from_horizontal?: {
      value: number;
      reason: string;
    };
    attention?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    basket_factor?: {
      value: number;
      reason: string;
    };
    basket_full_within_that_limit?: {
      value: boolean;
      reason: string;
    };
    basket_true_double_within_deg_from_plumb?: {
      value: number;
      reason: string;
    };
    bending?: {
      value: {
        advised_hand_spliced: number;
        advised_mechanical: number;
        least_ratio: number;
        rated_at: number;
        root: number;
        tight: number;
        tight_power: number;
        tight_ratio: number;
      };
      reason: string;
    };
    boom_clearance_m?: {
      value: number;
      reason: string;
    };
    by_word?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    carry_kg?: {
      value: number;
      reason: string;
    };
    cg_half_width?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    chain_bend_least_ratio?: {
      value: number;
      reason: string;
    };
    chart_identity?: {
      /**
       * by family, the names of the fields that its charts need; of "a or b" either
       */
      value: {
        /**
         * @maxItems 40
         */
        [k: string]: string[] | undefined;
      };
      reason: string;
    };
    choke_angle_bands?: {
      /**
       * @minItems 1
       * @maxItems 40
       */
      value: unknown[][];
      reason: string;
    };
    choker_factor?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    climbs?: {
      /**
       * @maxItems 100
       */
      value: string[];
      reason: string;
    };
    crane_level_percent?: {
      value: number;
      reason: string;
    };
    dynamic_factor?: {
      value: {
        least: number;
        most: number;
      };
      reason: string;
    };
    examination_months?: {
      value: number;
      reason: string;
    };
    eyebolt_plain?: {
      /**
       * @minItems 1
       * @maxItems 40
       */
      value: unknown[][];
      reason: string;
    };
    eyebolt_plane_deg?: {
      value: number;
      reason: string;
    };
    eyebolt_shouldered?: {
      /**
       * @minItems 1
       * @maxItems 40
       */
      value: unknown[][];
      reason: string;
    };
    four_legs?: {
      value: "three" | "diagonals";
      reason: string;
    };
    four_legs_as_three?: {
      value: number;
      reason: string;
    };
    friction?: {
      value: number;
      reason: string;
    };
    good_band?: {
      /**
       * @minItems 2
       * @maxItems 2
       */
      value: unknown[];
      reason: string;
    };
    grip?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    hoist_ring?: {
      /**
       * @minItems 1
       * @maxItems 40
       */
      value: unknown[][];
      reason: string;
    };
    hook_included_angle_deg?: {
      value: number;
      reason: string;
    };
    hook_off_centre?: {
      /**
       * @minItems 1
       * @maxItems 40
       */
      value: unknown[][];
      reason: string;
    };
    indicated_over_planned?: {
      value: number;
      reason: string;
    };
    least_wraps?: {
      value: number;
      reason: string;
    };
    leg_length_tolerance?: {
      value: number;
      reason: string;
    };
    master_link_room?: {
      value: number;
      reason: string;
    };
    multi_leg_school?: {
      value: "trigonometric" | "uniform_load" | "both";
      reason: string;
    };
    narrow_deg_from_horizontal?: {
      value: number;
      reason: string;
    };
    narrow_depth_share?: {
      value: number;
      reason: string;
    };
    obstacle_clearance_m?: {
      value: number;
      reason: string;
    };
    pin_in_eye?: {
      value: {
        least_rope_diameters: number;
        most_share_of_eye_length: number;
      };
      reason: string;
    };
    power_lines?: {
      value: {
        /**
         * @minItems 1
         * @maxItems 40
         */
        clearance_m: unknown[][];
        zone_m: {
          above: number;
          below: number;
        };
      };
      reason: string;
    };
    radius_allowance?: {
      value: {
        fraction: number;
        least_m: number;
      };
      reason: string;
    };
    row_tolerance_m?: {
      value: number;
      reason: string;
    };
    scopes?: {
      value: {
        /**
         * @maxItems 100
         */
        [k: string]: string[] | undefined;
      };
      reason: string;
    };
    shackle_angle?: {
      /**
       * @minItems 1
       * @maxItems 40
       */
      value: unknown[][];
      reason: string;
    };
    shackle_gathers_included_deg?: {
      value: number;
      reason: string;
    };
    sharing_difference?: {
      value: number;
      reason: string;
    };
    side_pull_deg?: {
      value: {
        caution: number;
        fixed_hoist: number;
        stop: number;
      };
      reason: string;
    };
    sling_kinds?: {
      value: {
        [k: string]:
          | {
              conducts: boolean;
              cut_by_edges: boolean;
              /**
               * @maxItems 40
               */
              harmed_by: string[];
              sparks: boolean;
              temperature: string;
            }
          | undefined;
      };
      reason: string;
    };
    stability_caution_m?: {
      value: number;
      reason: string;
    };
    stretch_at_wll?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    tag_line?: {
      value: {
        length_m: number;
      };
      reason: string;
    };
    temperature_bands?: {
      value: {
        [k: string]:
          | {
              /**
               * @minItems 1
               * @maxItems 40
               */
              bands: unknown[][];
              least: number;
            }
          | undefined;
      };
      reason: string;
    };
    tilt_aim_deg?: {
      value: number;
      reason: string;
    };
    tilt_limit_deg?: {
      value: number;
      reason: string;
    };
    uniform_load_bands?: {
      /**
       * @minItems 1
       * @maxItems 40
       */
      value: unknown[][];
      reason: string;
    };
    uniform_load_choker?: {
      value: number;
      reason: string;
    };
    uniform_load_most_difference_deg?: {
      value: number;
      reason: string;
    };
    whole_density?: {
      value: {
        least_kg_per_m3: number;
        most_kg_per_m3: number;
      };
      reason: string;
    };
    wind?: {
      value: {
        area_per_t: number;
        drag: number;
      };
      reason: string;
    };
    quick_pad?: {
      value: {
        share: number;
        counts: boolean;
      };
      reason: string;
    };
    ground_kpa?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    ground_found?: {
      value: {
        [k: string]: "counts" | "confirm" | undefined;
      };
      reason: string;
    };
    cut_factor?: {
      value: number;
      reason: string;
    };
    mat_ratio?: {
      value: number;
      reason: string;
    };
    line_sway_deg?: {
      value: number;
      reason: string;
    };
    line_school?: {
      value: "clearance" | "standoff" | "both";
      reason: string;
    };
    line_standoff_m?: {
      value: {
        towers: number;
        poles: number;
      };
      reason: string;
    };
    tail_room_m?: {
      value: number;
      reason: string;
    };
    people_room_m?: {
      value: number;
      reason: string;
    };
    looked_days?: {
      value: {
        [k: string]: number | undefined;
      };
      reason: string;
    };
    cut_look_m?: {
      value: number;
      reason: string;
    };
    critical?: {
      value: {
        over_chart?: number | false;
        unequal_legs?: number | false;
        two_cranes?: boolean;
        people?: boolean;
        over_plant?: boolean;
        centre_high?: boolean;
        near_line?: boolean;
        unknown_ground?: boolean;
        blind?: boolean;
        upended?: boolean;
      };
      reason: string;
    };
    examination_interval?: {
      value: {
        accessory: {
          normal: number;
          hard: number;
          heat: number;
          chemicals: number;
          sun: number;
        };
        machine: {
          normal: number;
          hard: number;
          heat: number;
          chemicals: number;
          sun: number;
        };
      };
      reason: string;
    };
    broken_wires?: {
      value: {
        lay: number;
        strand: number;
      };
      reason: string;
    };
    outer_wire_worn?: {
      value: number;
      reason: string;
    };
    chain_worn?: {
      value: number;
      reason: string;
    };
    chain_grown?: {
      value: number;
      reason: string;
    };
    mesh_wire_worn?: {
      value: number;
      reason: string;
    };
    hardware_worn?: {
      value: number;
      reason: string;
    };
    throat_school?: {
      value: "recent" | "older";
      reason: string;
    };
    throat_opened?: {
      value: {
        recent: number;
        older: number;
      };
      reason: string;
    };
    hook_twist_deg?: {
      value: number;
      reason: string;
    };
    hoist_pull_kg?: {
      value: number;
      reason: string;
    };
    tandem?: {
      value: {
        limit: number;
        plumb_deg: number;
        beam_room_m: number;
        boom_to_boom_m: number;
        untold: number;
      };
      reason: string;
    };
    [k: string]:
      | {
          value:
            | string
            | boolean
            | number
            | Loose[]
            | {
                [k: string]: Loose | undefined;
              };
          reason: string;
        }
      | {
          value: {
            [k: string]: number | undefined;
          };
          reason: string;
        }
      | {
          value: number;
          reason: string;
        }
      | {
          value: boolean;
          reason: string;
        }
      | {
          value: {
            advised_hand_spliced: number;
            advised_mechanical: number;
            least_ratio: number;
            rated_at: number;
            root: number;
            tight: number;
            tight_power: number;
            tight_ratio: number;
          };
          reason: string;
        }
      | {
          /**
           * by family, the names of the fields that its charts need; of "a or b" either
           */
          value: {
            /**
             * @maxItems 40
             */
            [k: string]: string[] | undefined;
          };
          reason: string;
        }
      | {
          /**
           * @minItems 1
           * @maxItems 40
           */
          value: unknown[][];
          reason: string;
        }
      | {
          /**
           * @maxItems 100
           */
          value: string[];
          reason: string;
        }
      | {
          value: {
            least: number;
            most: number;
          };
          reason: string;
        }
      | {
          value: "three" | "diagonals";
          reason: string;
        }
      | {
          /**
           * @minItems 2
           * @maxItems 2
           */
          value: unknown[];
          reason: string;
        }
      | {
          value: "trigonometric" | "uniform_load" | "both";
          reason: string;
        }
      | {
          value: {
            least_rope_diameters: number;
            most_share_of_eye_length: number;
          };
          reason: string;
        }
      | {
          value: {
            /**
             * @minItems 1
             * @maxItems 40
             */
            clearance_m: unknown[][];
            zone_m: {
              above: number;
              below: number;
            };
          };
          reason: string;
        }
      | {
          value: {
            fraction: number;
            least_m: number;
          };
          reason: string;
        }
      | {
          value: {
            /**
             * @maxItems 100
             */
            [k: string]: string[] | undefined;
          };
          reason: string;
        }
      | {
          value: {
            caution: number;
            fixed_hoist: number;
            stop: number;
          };
          reason: string;
        }
      | {
          value: {
            [k: string]:
              | {
                  conducts: boolean;
                  cut_by_edges: boolean;
                  /**
                   * @maxItems 40
                   */
                  harmed_by: string[];
                  sparks: boolean;
                  temperature: string;
                }
              | undefined;
          };
          reason: string;
        }
      | {
          value: {
            length_m: number;
          };
          reason: string;
        }
      | {
          value: {
            [k: string]:
              | {
                  /**
                   * @minItems 1
                   * @maxItems 40
                   */
                  bands: unknown[][];
                  least: number;
                }
              | undefined;
          };
          reason: string;
        }
      | {
          value: {
            least_kg_per_m3: number;
            most_kg_per_m3: number;
          };
          reason: string;
        }
      | {
          value: {
            area_per_t: number;
            drag: number;
          };
          reason: string;
        }
      | {
          value: {
            share: number;
            counts: boolean;
          };
          reason: string;
        }
      | {
          value: {
            [k: string]: "counts" | "confirm" | undefined;
          };
          reason: string;
        }
      | {
          value: "clearance" | "standoff" | "both";
          reason: string;
        }
      | {
          value: {
            towers: number;
            poles: number;
          };
          reason: string;
        }
      | {
          value: {
            over_chart?: number | false;
            unequal_legs?: number | false;
            two_cranes?: boolean;
            people?: boolean;
            over_plant?: boolean;
            centre_high?: boolean;
            near_line?: boolean;
            unknown_ground?: boolean;
            blind?: boolean;
            upended?: boolean;
          };
          reason: string;
        }
      | {
          value: {
            accessory: {
              normal: number;
              hard: number;
              heat: number;
              chemicals: number;
              sun: number;
            };
            machine: {
              normal: number;
              hard: number;
              heat: number;
              chemicals: number;
              sun: number;
            };
          };
          reason: string;
        }
      | {
          value: {
            lay: number;
            strand: number;
          };
          reason: string;
        }
      | {
          value: "recent" | "older";
          reason: string;
        }
      | {
          value: {
            recent: number;
            older: number;
          };
          reason: string;
        }
      | {
          value: {
            limit: number;
            plumb_deg: number;
            beam_room_m: number;
            boom_to_boom_m: number;
            untold: number;
          };
          reason: string;
        }
      | undefined;
  };
}
export interface Sling {
  number: string;
  kind:
    | "wire_rope"
    | "alloy_chain"
    | "polyester_web"
    | "nylon_web"
    | "polyester_round"
    | "unclear"
    | "mesh"
    | "high_modulus_round"
    | "fibre_rope";
  size: string;
  legs: 1 | 2 | 3 | 4;
  reach_m: number;
  mass_kg: number | null;
  link_pitch_m: number | null;
  tag: {
    legible: boolean;
    vertical_kg: number | null;
    choker_kg: number | null;
    basket_kg: number | null;
    /**
     * the tag's figures for all its legs together
     *
     * @maxItems 4
     */
    multi_leg: {
      upto_deg_from_plumb: number;
      kg: number;
    }[];
  };
  /**
   * of the rope or of a chain's link
   */
  diameter_m?: number | null;
  /**
   * which temperature bands of the rule set it goes by, where not its kind's usual
   */
  temperature_row?: string | null;
  /**
   * what is at its ends, such as hooks below, ring above
   */
  ends?: string;
  /**
   * of a chain
   */
  grade?: "80" | "100" | "120" | "transport" | null;
  /**
   * of a wire rope
   */
  core?: "steel" | "fibre" | null;
  construction?: string;
  splice?: "hand" | "mechanical" | null;
  coating?: string;
  /**
   * share of its length by which it stretches at its rating, by its maker
   */
  stretch_at_wll?: number | null;
  /**
   * in the store when it was taken into the plan
   */
  state?: "ready" | "out" | "quarantined" | "scrapped" | "lost" | null;
  /**
   * day on which its examination runs out
   */
  due?: string | null;
  examined?: string | null;
  /**
   * how it is used: how soon it is examined again
   */
  use?: "normal" | "hard" | "heat" | "chemicals" | "sun" | null;
  /**
   * what was last measured on it, by look (m, degrees, kg or a count)
   */
  measured?: {
    [k: string]: number | undefined;
  };
  /**
   * what its keeper holds it to, below its rating straight
   */
  own_swl_kg?: number | null;
  own_swl_why?: string;
  /**
   * of one outer wire of a rope, new
   */
  outer_wire_m?: number | null;
  /**
   * length of an eye laid flat
   */
  eye_m?: number | null;
  /**
   * of a wire of a mesh, new
   */
  strand_wire_m?: number | null;
  /**
   * the set that it stays in
   */
  set?: string;
}
/**
 * A crane chart. What each family needs is told in docs/chart-format.md
 */
export interface Chart {
  id: string;
  title: string;
  /**
   * mobile when nothing is said
   */
  family?: "mobile" | "tower" | "platform_jib" | "fixed_hoist";
  record?: {
    version: number;
    entered_by: string;
    entered_on: string | null;
    /**
     * who read it against the paper: never who entered it
     */
    checked_by: string | null;
    checked_on: string | null;
    /**
     * binder, page, maker's number of the sheet
     */
    source: string;
    /**
     * what whoever entered it said of figures that do not go with those beside them
     *
     * @maxItems 130
     */
    answers?: {
      what: string;
      word: string;
    }[];
    /**
     * why it took the place of the version before
     */
    why?: string;
  };
  identity: {
    [k: string]: string | undefined;
  };
  /**
   * @minItems 1
   * @maxItems 60
   */
  boom_length_m?: number[];
  /**
   * @minItems 1
   * @maxItems 200
   */
  radius_m?: number[];
  /**
   * rows by boom angle from horizontal, falling, in place of radius_m
   *
   * @minItems 1
   * @maxItems 200
   */
  boom_angle_deg?: number[];
  /**
   * radius only where the paper itself permits reading between its rows
   */
  interpolation?: "none" | "radius";
  /**
   * @minItems 1
   * @maxItems 60
   */
  sectors?: {
    name: string;
    slew_from_deg: number;
    slew_to_deg: number;
    table: string;
    /**
     * longest boom that may be raised over this side
     */
    longest_boom_m?: number;
    /**
     * where the page has tables for several offsets of one jib
     */
    jib_offset_deg?: number;
  }[];
  tables?: {
    /**
     * kg, a row for each radius, a cell for each boom length; null is not allowed there
     *
     * @minItems 1
     * @maxItems 200
     */
    [k: string]: (number | null)[][] | undefined;
  };
  /**
   * by table, a cell for each of its cells
   */
  marks?: {
    /**
     * @maxItems 200
     */
    [k: string]: (null | "strength" | "stability" | "rearward")[][] | undefined;
  };
  jib?: {
    length_m: number;
    /**
     * of a chart whose sectors are for several offsets: in each of them
     */
    offset_deg?: number;
  };
  /**
   * depth of the boom at its thickest
   */
  boom_depth_m?: number;
  /**
   * how far any part of the boom's head, or the jib's, lies from the tip of its middle line
   */
  boom_head_m?: number;
  /**
   * are its figures for travel with the load? A crane that walks with a load has a chart for that alone
   */
  travels?: boolean;
  /**
   * what the chart says that its figures assume
   */
  limits?: {
    level_percent?: number;
    wind_m_s?: number;
  };
  boom_foot?: {
    radius_m: number;
    height_m: number;
  };
  hoist?: {
    line_pull_kg: number;
    rope_wll_kg: number;
    rope_kg_per_m: number;
    efficiency_per_sheave: number;
    lead_sheaves: number;
    /**
     * rope on the drum in all
     */
    rope_m?: number;
    /**
     * the maker's figure where it is not five
     */
    least_wraps?: number;
    drum?: {
      diameter_m: number;
      rope_mm: number;
      wraps_per_layer: number;
      /**
       * line pull on each layer, the bare drum's first
       *
       * @minItems 1
       * @maxItems 20
       */
      layer_pulls_kg: number[];
    };
    /**
     * parts of line that the block is made for, at most
     */
    most_parts?: number;
  };
  hook_block?: {
    mass_kg: number;
    length_m: number;
    wll_kg: number;
  };
  tower?: {
    jib_length_m: number;
    /**
     * where the rope leaves the trolley, above the crane's ground
     */
    trolley_height_m: number;
    falls: {
      [k: string]:
        | {
            max_kg: number;
            /**
             * @minItems 1
             * @maxItems 200
             */
            radius_m: number[];
            /**
             * @minItems 1
             * @maxItems 200
             */
            capacity_kg: (number | null)[];
            needs_second_trolley: boolean;
          }
        | undefined;
    };
  };
  platform_jib?: {
    /**
     * @minItems 1
     * @maxItems 12
     */
    zones: {
      name: string;
      lower_boom_from_deg: number;
      lower_boom_to_deg: number;
    }[];
    /**
     * @minItems 1
     * @maxItems 60
     */
    upper_boom_bands_deg: number[][];
    /**
     * @minItems 1
     * @maxItems 60
     */
    load_radius_m: number[];
    /**
     * @minItems 1
     * @maxItems 60
     */
    jib_cap_kg: number[];
    jib_kg: {
      /**
       * @maxItems 60
       */
      [k: string]: (number | null)[][] | undefined;
    };
    platform_rated_kg: number;
    /**
     * of the unused platform rating that is credited to the jib; 0 where the chart says nothing
     */
    credit_share: number;
  };
  fixed_hoist?: {
    wll_kg: number;
    /**
     * hook at its upper stop, above the ground
     */
    highest_hook_m: number;
    reach_from_m?: number;
    reach_to_m?: number;
  };
  least_block_to_tip_m?: number;
  /**
   * @maxItems 30
   */
  deductions?: {
    what: string;
    kg: number;
    /**
     * the case that it is deducted in; a plan says whether it holds. Without one it always is
     */
    when?: string;
  }[];
  /**
   * what else the page says, word for word
   *
   * @maxItems 40
   */
  notes?: string[];
  /**
   * how the machine stands: what it presses on the ground with, and where its masses are
   */
  stand?: {
    /**
     * the slewing axis on the deck: x forward, y to the right of the deck's origin
     *
     * @minItems 2
     * @maxItems 2
     */
    axis_m: number[];
    /**
     * @minItems 3
     * @maxItems 8
     */
    pads?: {
      name: string;
      /**
       * @minItems 2
       * @maxItems 2
       */
      at_m: number[];
      side_m: number;
    }[];
    tracks?: {
      length_m: number;
      width_m: number;
      gauge_m: number;
      /**
       * @minItems 2
       * @maxItems 2
       */
      middle_m: number[];
    };
    /**
     * masses that lie on the carrier (at_m) or turn with the boom (toward_boom_m); without the boom
     *
     * @minItems 1
     * @maxItems 40
     */
    parts?: {
      what: string;
      kg: number;
      /**
       * @minItems 2
       * @maxItems 2
       */
      at_m?: number[];
      toward_boom_m?: number;
    }[];
    /**
     * mass of the boom by length, and its centroid along it from the foot pin
     *
     * @minItems 1
     * @maxItems 60
     */
    booms?: {
      length_m: number;
      kg: number;
      along_m: number;
    }[];
    /**
     * mass of the jib, and its centroid along it from the boom's tip
     */
    jib?: {
      kg: number;
      along_m: number;
    };
    /**
     * of the whole machine with its counterweight
     */
    total_kg?: number;
    tail?: {
      radius_m: number;
      bottom_m: number;
      top_m: number;
    };
  };
}
export interface Beam {
  number: string;
  /**
   * spreader: compressed between the slings above it; lifting: bent by what hangs from its holes
   */
  kind: "spreader" | "lifting";
  size: string;
  mass_kg: number | null;
  /**
   * from the bearing of its upper eyes, or of its bail, down to its holes'
   */
  depth_m: number;
  /**
   * rating as marked, by the distance between the outermost holes in use; none for a spreader that is marked with its push alone
   *
   * @minItems 0
   * @maxItems 40
   */
  spans: {
    span_m: number;
    kg: number;
  }[];
  /**
   * holes below, from its middle; none for a spreader, whose ends are set to a span
   *
   * @maxItems 80
   */
  holes_m: number[];
  /**
   * upper eyes, from its middle; none where a bail goes on the hook, or for a spreader, whose eyes are at its ends
   *
   * @maxItems 2
   */
  eyes_m: number[];
  /**
   * rating of one end or hole, where marked
   */
  end_kg: number | null;
  /**
   * greatest push along it, where the maker gives it
   */
  compression_kg: number | null;
  bending_kg_m: number | null;
  /**
   * flattest upper sling for which its rating is marked
   */
  least_deg_from_horizontal: number | null;
  /**
   * in the store when it was taken into the plan
   */
  state?: "ready" | "out" | "quarantined" | "scrapped" | "lost" | null;
  /**
   * day on which its examination runs out
   */
  due?: string | null;
  examined?: string | null;
  /**
   * holes that its bail may be pinned in, from its middle; none or left out for a bail in the middle
   *
   * @maxItems 80
   */
  bails_m?: number[];
  /**
   * how it is used: how soon it is examined again
   */
  use?: "normal" | "hard" | "heat" | "chemicals" | "sun" | null;
  /**
   * what was last measured on it, by look (m, degrees, kg or a count)
   */
  measured?: {
    [k: string]: number | undefined;
  };
}
/**
 * One site: metres east and north of a named peg, heights above it. What each kind of feature needs is told in docs/site-format.md
 */
export interface Site {
  id: string;
  title: string;
  /**
   * where the peg is that places are measured from
   */
  peg: string;
  version: number;
  /**
   * outline of what was looked over
   *
   * @minItems 3
   * @maxItems 100
   */
  boundary_m: number[][];
  /**
   * who says that all of a kind inside the boundary, and so far beyond it, is drawn
   */
  looked: {
    lines?: {
      by: string;
      on: string | null;
      beyond_m?: number;
    };
    cuts?: {
      by: string;
      on: string | null;
      beyond_m?: number;
    };
    obstacles?: {
      by: string;
      on: string | null;
      beyond_m?: number;
    };
    people?: {
      by: string;
      on: string | null;
      beyond_m?: number;
    };
  };
  /**
   * @maxItems 300
   */
  features: Feature[];
}
export interface Feature {
  kind: "ground" | "cut" | "line" | "obstacle" | "walkway" | "live_plant" | "exclusion" | "landing" | "escape" | "peg";
  name: string;
  /**
   * who says so
   */
  by?: string;
  on?: string | null;
  note?: string;
  /**
   * @minItems 3
   * @maxItems 100
   */
  outline_m?: number[][];
  /**
   * @minItems 2
   * @maxItems 100
   */
  edge_m?: number[][];
  /**
   * places along the wire at its greatest sag, with heights
   *
   * @minItems 2
   * @maxItems 100
   */
  wire_m?: number[][];
  /**
   * @minItems 2
   * @maxItems 2
   */
  at_m?: number[];
  /**
   * does the edge of a cut come back to its beginning?
   */
  closed?: boolean;
  depth_m?: number;
  allowable_kpa?: number | null;
  soil?: "dense_gravel" | "medium_sand" | "stiff_clay" | "soft_clay" | "made_ground" | "unknown" | null;
  /**
   * how it was found what the ground bears
   */
  found?: "plate_test" | "probe" | "by_eye" | "table" | null;
  confirmed_by?: string;
  bottom_m?: number;
  top_m?: number;
  kilovolts?: number | null;
  blow_out_m?: number;
  /**
   * who proved it dead
   */
  dead_by?: string;
  dead_on?: string | null;
  on_towers?: boolean | null;
  /**
   * who of the line's operator agreed to work near it
   */
  agreed_by?: string;
  closed_from?: string | null;
  closed_to?: string | null;
  closed_by?: string;
}
export interface Person {
  id: string;
  name: string;
  /**
   * @maxItems 100
   */
  competences: Competence[];
}
export interface Competence {
  /**
   * what somebody was found able to do
   */
  kind: string;
  /**
   * who found so
   */
  by: string;
  /**
   * the last day on which it counts
   */
  until: string | null;
}
/**
 * a piece of gear that is neither sling nor beam
 */
export interface GearPiece {
  number: string;
  kind:
    | "shackle"
    | "eyebolt_plain"
    | "eyebolt_shouldered"
    | "hoist_ring"
    | "hook"
    | "master_link"
    | "coupling_link"
    | "clutch"
    | "plate_clamp"
    | "drum_clamp"
    | "pipe_hook"
    | "mat"
    | "timber"
    | "load_cell"
    | "fixed_hoist"
    | "crane";
  size: string;
  mass_kg?: number | null;
  serial?: string;
  length_m?: number | null;
  width_m?: number | null;
  thickness_m?: number | null;
  grips_from_m?: number | null;
  grips_to_m?: number | null;
  chain_m?: number | null;
  maker?: string;
  wll_kg?: number | null;
  bears_kpa?: number | null;
  falls?: number | null;
  throat_m?: number | null;
  section_m?: number | null;
  pin_m?: number | null;
  jaw_m?: number | null;
  inside_long_m?: number | null;
  inside_wide_m?: number | null;
  thread_m?: number | null;
  shank_m?: number | null;
  in_service?: string;
  certificate?: string;
  legible?: boolean;
  /**
   * what its keeper holds it to, below its rating straight
   */
  own_swl_kg?: number | null;
  own_swl_why?: string;
  /**
   * in the store when it was taken into the plan
   */
  state?: "ready" | "out" | "quarantined" | "scrapped" | "lost" | null;
  /**
   * day on which its examination runs out
   */
  due?: string | null;
  examined?: string | null;
  /**
   * how it is used: how soon it is examined again
   */
  use?: "normal" | "hard" | "heat" | "chemicals" | "sun" | null;
  /**
   * what was last measured on it, by look (m, degrees, kg or a count)
   */
  measured?: {
    [k: string]: number | undefined;
  };
}
