<?php

declare(strict_types=1);

use App\Http\Bench;
use App\Http\Budgets;
use App\Http\Checks;
use App\Http\FigureTypes;
use App\Http\Jobs;
use App\Http\Paints;
use App\Http\Planning;
use App\Http\Proposals;
use App\Http\Records;
use App\Http\Repairs;
use App\Http\Schemes;
use App\Http\Session;
use App\Http\Standards;
use App\Http\Studio;
use App\Http\Today;
use Illuminate\Support\Facades\Route;

Route::post('/session', Session\SignIn::class);
Route::get('/invitations/{token}', Session\ShowInvitation::class)->middleware('throttle:link');
Route::post('/invitations/{token}', Session\AcceptInvitation::class)->middleware('throttle:link');

Route::get('/calendars/{token}', Planning\ShowCalendar::class)->middleware('throttle:link');

Route::middleware(['auth:sanctum', 'studio'])->group(function (): void {
    Route::get('/session', Session\ShowSession::class);
    Route::delete('/session', Session\SignOut::class);
    Route::get('/ping', Session\Ping::class);
    Route::get('/account', Session\ShowAccount::class);
    Route::put('/account/password', Session\ChangePassword::class);
    Route::post('/account/confirmation', Session\ConfirmOwnPassword::class)->middleware('throttle:link');
    Route::delete('/account/sessions/{session}', Session\EndSession::class);
    Route::post('/account/second-factor', Session\PrepareSecondFactor::class)->middleware('confirmed');
    Route::put('/account/second-factor', Session\ConfirmSecondFactor::class)->middleware('throttle:link');
    Route::delete('/account/second-factor', Session\TurnOffSecondFactor::class)->middleware('confirmed');
});

Route::middleware(['auth:sanctum', 'studio', 'second-factor', 'drafts'])->group(function (): void {
    Route::get('/today', Today\ShowToday::class);

    Route::get('/standards', Standards\ListStandards::class);
    Route::get('/standards/{standardVersion}', Standards\ShowSheet::class);
    Route::get('/standards/{standardVersion}/document', Standards\ExportStandard::class);
    Route::get('/standards/{standardVersion}/matrix', Standards\ExportMatrix::class)->middleware('throttle:heavy');
    Route::get('/standards/{standardVersion}/comparison', Standards\ExportComparison::class)->middleware('throttle:heavy');
    Route::post('/standards/{standardVersion}/comparison/drawing', Standards\DrawComparison::class)->middleware('throttle:heavy');
    Route::get('/standards/{standardVersion}/plates', Standards\ShowPlates::class);
    Route::get('/standards/{standardVersion}/extents', Standards\ShowExtents::class);
    Route::get('/standards/{standardVersion}/lies-among', Standards\ShowLiesAmong::class);
    Route::get('/standards/{standardVersion}/difference', Standards\ShowDifference::class);
    Route::get('/standards/{standardVersion}/raise', Standards\ShowRaise::class);
    Route::get('/standards/{standardVersion}/jobs', Standards\ListJobMoves::class);
    Route::get('/standards/{standardVersion}/draft', Standards\ShowDraft::class);
    Route::post('/standards', Standards\BeginDraft::class);
    Route::delete('/standards/{standardVersion}', Standards\DiscardDraft::class);
    Route::post('/standards/{standardVersion}/changes', Standards\ChangeStandard::class);
    Route::post('/standards/{standardVersion}/previews', Standards\PreviewChange::class);
    Route::post('/standards/{standardVersion}/columns', Standards\ReadColumn::class);
    Route::post('/standards/{standardVersion}/hours', Standards\SpreadHours::class);
    Route::post('/standards/{standardVersion}/undo', Standards\UndoInStandard::class);
    Route::post('/standards/{standardVersion}/redo', Standards\RedoInStandard::class);
    Route::post('/standards/{standardVersion}/in-force', Standards\PutInForce::class);
    Route::post('/standard-file-previews', Standards\PreviewStandardFile::class)->middleware('throttle:heavy');
    Route::post('/standard-files', Standards\TakeStandardFile::class)->middleware('throttle:heavy');
    Route::get('/ladders', Standards\ListLadders::class);
    Route::get('/vocabulary', Standards\ShowVocabulary::class);
    Route::get('/proposals', Proposals\ListProposals::class);
    Route::post('/jobs/{job}/proposals', Proposals\ProposeChange::class);
    Route::post('/jobs/{job}/move', Jobs\MoveJob::class);
    Route::post('/proposals/{proposal}/answer', Proposals\AnswerProposal::class);

    Route::get('/figure-types', FigureTypes\ListFigureTypes::class);
    Route::post('/figure-types', FigureTypes\CreateFigureType::class);
    Route::post('/figure-types/area-list', FigureTypes\ReadAreaList::class);
    Route::post('/figure-types/outline', FigureTypes\OutlineFigureType::class);
    Route::get('/figure-types/{figureType}', FigureTypes\ShowFigureType::class);
    Route::put('/figure-types/{figureType}', FigureTypes\ChangeFigureType::class);
    Route::put('/figure-types/{figureType}/retired', FigureTypes\RetireFigureType::class);
    Route::get('/paints', Paints\ListPaints::class);
    Route::post('/paints', Paints\CreatePaint::class);
    Route::get('/paint-needs', Paints\ShowPaintNeeds::class);
    Route::get('/paint-list', Paints\ExportPaints::class);
    Route::get('/starter-paints', Paints\ShowStarterPaints::class);
    Route::post('/swatch-readings', Paints\ReadSwatch::class)->middleware('throttle:heavy');
    Route::post('/paint-files', Paints\ReadPaintFile::class)->middleware('throttle:heavy');
    Route::put('/paints/{paint}', Paints\ChangePaint::class);
    Route::get('/paints/{paint}/substitutes', Paints\ListSubstitutes::class);
    Route::post('/paints/{paint}/substitution', Paints\SubstitutePaint::class);

    Route::get('/schemes', Schemes\ListSchemes::class);
    Route::post('/schemes', Schemes\BeginScheme::class);
    Route::post('/schemes/next-step', Schemes\SuggestStep::class);
    Route::post('/colour-trials', Schemes\TryColour::class);
    Route::get('/schemes/{scheme}', Schemes\ShowScheme::class);
    Route::put('/schemes/{scheme}', Schemes\ChangeScheme::class);
    Route::post('/schemes/{scheme}/areas', Schemes\CreateSchemeArea::class);
    Route::post('/schemes/{scheme}/area-previews', Schemes\PreviewSchemeArea::class);
    Route::post('/schemes/{scheme}/recipes', Schemes\PastePaintsByUse::class);
    Route::post('/schemes/{scheme}/recipe-readings', Schemes\ReadPaintsByUse::class);
    Route::get('/schemes/{scheme}/plates', Schemes\ShowSchemePlates::class);
    Route::get('/schemes/{scheme}/proof-sheet', Schemes\ExportProofSheet::class)->middleware('throttle:heavy');
    Route::post('/schemes/{scheme}/proof-sheet/drawing', Schemes\DrawProofSheet::class)->middleware('throttle:heavy');
    Route::post('/schemes/{scheme}/picture', Schemes\SetPicture::class)->middleware('throttle:heavy');
    Route::get('/schemes/{scheme}/picture', Schemes\ShowPicture::class);
    Route::post('/schemes/{scheme}/picture-points', Schemes\PickFromPicture::class)->middleware('throttle:heavy');
    Route::post('/schemes/{scheme}/departures', Bench\NoteDeparture::class);
    Route::put('/schemes/{scheme}/acceptances', Schemes\AcceptSchemeFinding::class);
    Route::delete('/schemes/{scheme}/acceptances', Schemes\ReconsiderSchemeFinding::class);
    Route::put('/scheme-areas/{schemeArea}', Schemes\ReplaceSchemeArea::class);
    Route::delete('/scheme-areas/{schemeArea}', Schemes\RemoveSchemeArea::class);

    Route::get('/people', Studio\ListPeople::class);
    Route::put('/people/{user}', Studio\ChangePerson::class)->middleware('confirmed');
    Route::delete('/people/{user}', Studio\EndAccount::class)->middleware('confirmed');
    Route::get('/people/{user}/clearances', Studio\ShowClearances::class);
    Route::put('/people/{user}/clearances', Studio\ChangeClearances::class);
    Route::get('/invitations', Studio\ListInvitations::class);
    Route::post('/invitations', Studio\InvitePerson::class)->middleware('throttle:heavy');
    Route::delete('/invitations/{invitation}', Studio\WithdrawInvitation::class);
    Route::get('/log', Studio\ShowLog::class);
    Route::put('/studio', Studio\ChangeStudio::class);
    Route::get('/scheme-rules', Schemes\ShowSchemeRules::class);
    Route::put('/scheme-rules', Schemes\ChangeSchemeRules::class);

    Route::get('/jobs', Jobs\ListJobs::class);
    Route::post('/jobs', Jobs\CreateJob::class);
    Route::get('/jobs/{job}', Jobs\ShowJob::class);
    Route::get('/jobs/{job}/figure-types', Jobs\ListJobTypes::class);
    Route::post('/jobs/{job}/figure-types/{figureType}', Jobs\TakeFigureType::class);
    Route::post('/jobs/{job}/budget', Budgets\ReckonBudget::class)->middleware('throttle:heavy');
    Route::put('/jobs/{job}/mix', Budgets\TakeMix::class);
    Route::post('/jobs/{job}/roster-preview', Jobs\PreviewRoster::class)->middleware('throttle:heavy');
    Route::post('/jobs/{job}/roster', Jobs\TakeRoster::class)->middleware('throttle:heavy');
    Route::get('/jobs/{job}/figures', Jobs\ShowGrid::class);
    Route::get('/jobs/{job}/own-lists/{tier}', Jobs\ShowOwnList::class);
    Route::post('/jobs/{job}/own-lists', Jobs\CopyTier::class);
    Route::put('/jobs/{job}/own-lists', Jobs\WriteOwnRequirement::class);
    Route::get('/jobs/{job}/plan', Planning\ShowJobPlan::class);
    Route::put('/jobs/{job}/promise', Planning\PromiseJob::class);
    Route::put('/jobs/{job}/aside', Planning\SetJobAside::class);
    Route::get('/plan', Planning\ShowStudioPlan::class);
    Route::get('/hours', Planning\ListHours::class);
    Route::put('/people/{user}/hours', Planning\WriteHours::class);
    Route::get('/calendar-link', Planning\ShowCalendarLink::class);
    Route::post('/calendar-link', Planning\MakeCalendarLink::class);
    Route::delete('/calendar-link', Planning\WithdrawCalendarLink::class);
    Route::get('/jobs/{job}/schools', Jobs\ShowSchools::class);
    Route::put('/jobs/{job}/schools', Jobs\ChooseSchool::class);
    Route::get('/jobs/{job}/schools/{question}', Jobs\ShowSchoolEffects::class);
    Route::put('/jobs/{job}/mixes', Bench\SetMix::class);
    Route::post('/jobs/{job}/kept-mixes', Bench\KeepMix::class);
    Route::get('/jobs/{job}/bench-sheets/{key}', Bench\ShowBenchSheet::class);
    Route::get('/jobs/{job}/bench-sheets/{key}/at-hand', Bench\ShowAtHand::class);

    Route::get('/units/{unit}/code', Bench\ShowUnitCode::class);
    Route::patch('/units/{unit}', Jobs\AssignUnit::class);
    Route::put('/jobs/{job}', Jobs\ChangeJob::class);
    Route::put('/units/{unit}', Jobs\ChangeUnit::class);
    Route::post('/units/{unit}/figures', Jobs\AddFigures::class);
    Route::post('/units/{unit}/removals', Jobs\RemoveFigures::class);
    Route::put('/units/{unit}/area-tiers', Jobs\SetAreaTier::class);
    Route::put('/units/{unit}/area-schools', Jobs\ChooseAreaSchool::class);
    Route::post('/units/{unit}/waivers', Jobs\WaiveUse::class);
    Route::get('/units/{unit}/further-uses', Jobs\ListFurtherUses::class);
    Route::post('/units/{unit}/additions', Jobs\AddUse::class);
    Route::post('/units/{unit}/not-asked', Jobs\AgreeNotAsked::class);
    Route::put('/units/{unit}/choices', Jobs\ChooseMethod::class);
    Route::delete('/variations/{variation}', Jobs\UnwaiveUse::class);
    Route::patch('/figures', Jobs\AssignFigures::class);

    Route::get('/bench-sheets', Bench\ListBench::class);
    Route::get('/bench-runs', Bench\ListRuns::class);
    Route::post('/bench-marks', Bench\MarkStep::class);
    Route::post('/further-coats', Bench\LayFurther::class);
    Route::post('/hand-overs', Bench\HandOver::class);
    Route::post('/bench-clock', Bench\StartClock::class);
    Route::delete('/bench-clock', Bench\StopClock::class);
    Route::patch('/worked-times/{workedTime}', Bench\CorrectTime::class);

    Route::get('/checks', Checks\ListChecks::class);
    Route::post('/figures/{figure}/checks', Checks\OpenCheck::class);
    Route::get('/checks/{check}', Checks\ShowCheck::class);
    Route::post('/checks/{check}/answers', Checks\AnswerItem::class);
    Route::post('/checks/{check}/sides', Checks\PassSide::class);
    Route::post('/checks/{check}/flaws', Checks\NoteFlaw::class);
    Route::delete('/checks/{check}/flaws/{fault}', Checks\RemoveFlaw::class);
    Route::post('/checks/{check}/undo', Checks\UndoInCheck::class);
    Route::post('/checks/{check}/refusal', Checks\RefuseFigure::class);
    Route::post('/checks/{check}/sign-off', Checks\SignFigure::class);

    Route::get('/figures/{figure}/faults', Checks\ShowFaults::class);
    Route::get('/faults/{fault}/repair', Checks\ShowRepair::class);
    Route::post('/faults/{fault}/waiver', Checks\WaiveFault::class);
    Route::post('/faults/{fault}/mending', Checks\MendFault::class);

    Route::get('/mishap-kinds', Repairs\ListMishapKinds::class);
    Route::get('/figures/{figure}/mishap-repair', Repairs\ShowMishapRepair::class);
    Route::post('/figures/{figure}/mishaps', Repairs\TellMishap::class);
    Route::post('/mishaps/{mishap}/end', Repairs\EndMishap::class);

    Route::get('/sign-offs', Records\ListSignOffs::class);
    Route::get('/sign-offs/{signOff}', Records\ShowSignOff::class);
    Route::get('/chain', Records\VerifyChain::class)->middleware('throttle:heavy');
    Route::get('/chain/head', Records\FindHead::class);
});
