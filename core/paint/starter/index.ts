import { titaniumWhite } from './titaniumWhite'
import { zincWhite } from './zincWhite'
import { carbonBlack } from './carbonBlack'
import { marsBlack } from './marsBlack'
import { boneBlack } from './boneBlack'
import { yellowOchre } from './yellowOchre'
import { yellowIronOxide } from './yellowIronOxide'
import { rawSienna } from './rawSienna'
import { burntSienna } from './burntSienna'
import { rawUmber } from './rawUmber'
import { burntUmber } from './burntUmber'
import { redIronOxide } from './redIronOxide'
import { brownIronOxide } from './brownIronOxide'
import { marsViolet } from './marsViolet'
import { pyrroleRed } from './pyrroleRed'
import { naphtholRed } from './naphtholRed'
import { quinacridoneRose } from './quinacridoneRose'
import { quinacridoneMagenta } from './quinacridoneMagenta'
import { cadmiumRed } from './cadmiumRed'
import { pyrroleOrange } from './pyrroleOrange'
import { benzimidazoloneOrange } from './benzimidazoloneOrange'
import { arylideYellow } from './arylideYellow'
import { bismuthVanadate } from './bismuthVanadate'
import { cadmiumYellow } from './cadmiumYellow'
import { ultramarine } from './ultramarine'
import { cobaltBlue } from './cobaltBlue'
import { phthaloBlueRed } from './phthaloBlueRed'
import { phthaloBlueGreen } from './phthaloBlueGreen'
import { prussianBlue } from './prussianBlue'
import { indanthroneBlue } from './indanthroneBlue'
import { phthaloGreen } from './phthaloGreen'
import { chromiumOxideGreen } from './chromiumOxideGreen'
import { viridian } from './viridian'
import { greenEarth } from './greenEarth'
import { dioxazineViolet } from './dioxazineViolet'
import { ultramarineViolet } from './ultramarineViolet'
import { fleshMixes } from './fleshMixes'
import type { Paint } from '../paint'

/** The box that ships: single-pigment paints in palette order, then flesh ready mixed from them. */
export const starterPaints: readonly Paint[] = [
  titaniumWhite,
  zincWhite,
  carbonBlack,
  marsBlack,
  boneBlack,
  yellowOchre,
  yellowIronOxide,
  rawSienna,
  burntSienna,
  rawUmber,
  burntUmber,
  redIronOxide,
  brownIronOxide,
  marsViolet,
  pyrroleRed,
  naphtholRed,
  quinacridoneRose,
  quinacridoneMagenta,
  cadmiumRed,
  pyrroleOrange,
  benzimidazoloneOrange,
  arylideYellow,
  bismuthVanadate,
  cadmiumYellow,
  ultramarine,
  cobaltBlue,
  phthaloBlueRed,
  phthaloBlueGreen,
  prussianBlue,
  indanthroneBlue,
  phthaloGreen,
  chromiumOxideGreen,
  viridian,
  greenEarth,
  dioxazineViolet,
  ultramarineViolet,
  ...fleshMixes,
]
