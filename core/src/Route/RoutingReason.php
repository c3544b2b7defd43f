<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Sentence;

/** Why a part goes to a bin, or may not. */
enum RoutingReason: string implements Sentence
{
    case HouseWay = 'house-way';
    case NoRoom = 'no-room';
    case CompletesBatch = 'completes-batch';
    case HeadGrills = 'head-grills';
    case FleshOnStrip = 'flesh-on-strip';
    case SkinCrisps = 'skin-crisps';
    case SkinGivesBody = 'skin-gives-body';
    case Cheeks = 'cheeks';
    case CleanFleshToo = 'clean-flesh-too';
    case Shoulder = 'shoulder';
    case FreshLiver = 'fresh-liver';
    case SearOrCure = 'sear-or-cure';
    case WholeSac = 'whole-sac';
    case BrokenSac = 'broken-sac';
    case SacBroken = 'sac-broken';
    case FrameGrills = 'frame-grills';
    case FinsGrill = 'fins-grill';
    case BrightDarkMuscle = 'bright-dark-muscle';
    case FatBellyRaw = 'fat-belly-raw';
    case FatBellyCured = 'fat-belly-cured';
    case FatBellySeared = 'fat-belly-seared';
    case ThinBelly = 'thin-belly';
    case SpoonedClean = 'spooned-clean';
    case SpoonedRaw = 'spooned-raw';
    case RawQuality = 'raw-quality';
    case GoodPieceCured = 'good-piece-cured';
    case CleanFlesh = 'clean-flesh';
    case EndsMakeStock = 'ends-make-stock';
    case WholePieceCured = 'whole-piece-cured';
    case WholePieceGrilled = 'whole-piece-grilled';
    case NoPlate = 'no-plate';
    case DatePast = 'date-past';
    case ReefPoison = 'reef-poison';
    case OilPurges = 'oil-purges';
    case OilyStock = 'oily-stock';
    case ScalesOn = 'scales-on';
    case PinBonesInIt = 'pin-bones-in-it';
    case HouseDiscardsDarkMuscle = 'house-discards-dark-muscle';
    case DarkMuscleDull = 'dark-muscle-dull';
    case LiverNotPrized = 'liver-not-prized';
    case NotBright = 'not-bright';
    case BitterGuts = 'bitter-guts';
    case BitterLiver = 'bitter-liver';
    case CloudyRoe = 'cloudy-roe';
    case OldDarkMuscle = 'old-dark-muscle';
    case Grit = 'grit';
    case DiscardPast = 'discard-past';
    case NothingIsMade = 'nothing-is-made';
    case WeighedAllTheSame = 'weighed-all-the-same';
    case KnownForIt = 'known-for-it';
    case WhiteBones = 'white-bones';
    case OilyBones = 'oily-bones';
    case OwnSoup = 'own-soup';

    /** Raw service is closed to it: why. */
    case NotRaw = 'not-raw';

    /** What its kind brings with it: caution. */
    case Hazard = 'hazard';
}
