<?php

declare(strict_types=1);

use App\Http\Controllers as C;
use Illuminate\Support\Facades\Route;

Route::post('/session', C\SignIn::class);
Route::get('/invitations/{token}', C\ShowInvitation::class)->middleware('throttle:link');
Route::post('/invitations/{token}', C\AcceptInvitation::class)->middleware('throttle:link');

Route::middleware(['auth:sanctum', 'studio'])->group(function (): void {
    Route::get('/session', C\ShowSession::class);
    Route::delete('/session', C\SignOut::class);
    Route::get('/ping', C\Ping::class);
    Route::get('/account', C\ShowAccount::class);
    Route::put('/account/password', C\ChangePassword::class);
    Route::post('/account/confirmation', C\ConfirmOwnPassword::class)->middleware('throttle:link');
    Route::delete('/account/sessions/{session}', C\EndSession::class);
    Route::post('/account/second-factor', C\PrepareSecondFactor::class)->middleware('confirmed');
    Route::put('/account/second-factor', C\ConfirmSecondFactor::class)->middleware('throttle:link');
    Route::delete('/account/second-factor', C\TurnOffSecondFactor::class)->middleware('confirmed');
});

Route::middleware(['auth:sanctum', 'studio', 'second-factor', 'drafts'])->group(function (): void {
    Route::get('/today', C\ShowToday::class);

    Route::get('/standards', C\ListStandards::class);
    Route::get('/standards/{standardVersion}', C\ShowSheet::class);
    Route::get('/standards/{standardVersion}/document', C\ExportStandard::class);
    Route::get('/standards/{standardVersion}/matrix', C\ExportMatrix::class)->middleware('throttle:heavy');
    Route::get('/standards/{standardVersion}/comparison', C\ExportComparison::class)->middleware('throttle:heavy');
    Route::get('/standards/{standardVersion}/plates', C\ShowPlates::class);
    Route::get('/standards/{standardVersion}/extents', C\ShowExtents::class);
    Route::get('/standards/{standardVersion}/difference', C\ShowDifference::class);
    Route::get('/standards/{standardVersion}/raise', C\ShowRaise::class);
    Route::get('/standards/{standardVersion}/jobs', C\ListJobMoves::class);
    Route::get('/standards/{standardVersion}/draft', C\ShowDraft::class);
    Route::post('/standards', C\BeginDraft::class);
    Route::delete('/standards/{standardVersion}', C\DiscardDraft::class);
    Route::post('/standards/{standardVersion}/changes', C\ChangeStandard::class);
    Route::post('/standards/{standardVersion}/previews', C\PreviewChange::class);
    Route::post('/standards/{standardVersion}/columns', C\ReadColumn::class);
    Route::post('/standards/{standardVersion}/undo', C\UndoInStandard::class);
    Route::post('/standards/{standardVersion}/redo', C\RedoInStandard::class);
    Route::post('/standards/{standardVersion}/in-force', C\PutInForce::class);
    Route::post('/standard-file-previews', C\PreviewStandardFile::class)->middleware('throttle:heavy');
    Route::post('/standard-files', C\TakeStandardFile::class)->middleware('throttle:heavy');
    Route::get('/ladders', C\ListLadders::class);
    Route::get('/vocabulary', C\ShowVocabulary::class);
    Route::get('/proposals', C\ListProposals::class);
    Route::post('/jobs/{job}/proposals', C\ProposeChange::class);
    Route::post('/jobs/{job}/move', C\MoveJob::class);
    Route::post('/proposals/{proposal}/answer', C\AnswerProposal::class);

    Route::get('/figure-types', C\ListFigureTypes::class);
    Route::post('/figure-types', C\CreateFigureType::class);
    Route::get('/paints', C\ListPaints::class);
    Route::post('/paints', C\CreatePaint::class);
    Route::get('/paint-needs', C\ShowPaintNeeds::class);
    Route::get('/paint-list', C\ExportPaints::class);
    Route::post('/swatch-readings', C\ReadSwatch::class)->middleware('throttle:heavy');
    Route::post('/paint-files', C\ReadPaintFile::class)->middleware('throttle:heavy');
    Route::put('/paints/{paint}', C\ChangePaint::class);
    Route::get('/paints/{paint}/substitutes', C\ListSubstitutes::class);
    Route::post('/paints/{paint}/substitution', C\SubstitutePaint::class);

    Route::get('/schemes', C\ListSchemes::class);
    Route::post('/schemes', C\BeginScheme::class);
    Route::get('/schemes/{scheme}', C\ShowScheme::class);
    Route::put('/schemes/{scheme}', C\ChangeScheme::class);
    Route::post('/schemes/{scheme}/areas', C\CreateSchemeArea::class);
    Route::post('/schemes/{scheme}/area-previews', C\PreviewSchemeArea::class);
    Route::post('/schemes/{scheme}/recipes', C\PastePaintsByUse::class);
    Route::get('/schemes/{scheme}/plates', C\ShowSchemePlates::class);
    Route::get('/schemes/{scheme}/proof-sheet', C\ExportProofSheet::class)->middleware('throttle:heavy');
    Route::post('/schemes/{scheme}/picture', C\SetPicture::class)->middleware('throttle:heavy');
    Route::get('/schemes/{scheme}/picture', C\ShowPicture::class);
    Route::post('/schemes/{scheme}/picture-points', C\PickFromPicture::class)->middleware('throttle:heavy');
    Route::post('/schemes/{scheme}/departures', C\NoteDeparture::class);
    Route::put('/scheme-areas/{schemeArea}', C\ReplaceSchemeArea::class);
    Route::delete('/scheme-areas/{schemeArea}', C\RemoveSchemeArea::class);

    Route::get('/people', C\ListPeople::class);
    Route::put('/people/{user}', C\ChangePerson::class)->middleware('confirmed');
    Route::delete('/people/{user}', C\EndAccount::class)->middleware('confirmed');
    Route::get('/invitations', C\ListInvitations::class);
    Route::post('/invitations', C\InvitePerson::class);
    Route::delete('/invitations/{invitation}', C\WithdrawInvitation::class);
    Route::get('/log', C\ShowLog::class);
    Route::put('/studio', C\ChangeStudio::class);
    Route::get('/scheme-rules', C\ShowSchemeRules::class);
    Route::put('/scheme-rules', C\ChangeSchemeRules::class);

    Route::get('/jobs', C\ListJobs::class);
    Route::post('/jobs', C\CreateJob::class);
    Route::get('/jobs/{job}', C\ShowJob::class);
    Route::post('/jobs/{job}/roster-preview', C\PreviewRoster::class)->middleware('throttle:heavy');
    Route::post('/jobs/{job}/roster', C\TakeRoster::class)->middleware('throttle:heavy');
    Route::get('/jobs/{job}/figures', C\ShowGrid::class);
    Route::get('/jobs/{job}/own-lists/{tier}', C\ShowOwnList::class);
    Route::post('/jobs/{job}/own-lists', C\CopyTier::class);
    Route::put('/jobs/{job}/own-lists', C\WriteOwnRequirement::class);
    Route::put('/jobs/{job}/mixes', C\SetMix::class);
    Route::post('/jobs/{job}/kept-mixes', C\KeepMix::class);
    Route::get('/jobs/{job}/bench-sheets/{key}', C\ShowBenchSheet::class);

    Route::patch('/units/{unit}', C\AssignUnit::class);
    Route::put('/units/{unit}/area-tiers', C\SetAreaTier::class);
    Route::post('/units/{unit}/waivers', C\WaiveUse::class);
    Route::post('/units/{unit}/not-asked', C\AgreeNotAsked::class);
    Route::put('/units/{unit}/choices', C\ChooseMethod::class);
    Route::delete('/variations/{variation}', C\UnwaiveUse::class);
    Route::patch('/figures', C\AssignFigures::class);

    Route::get('/bench-sheets', C\ListBench::class);
    Route::post('/bench-marks', C\MarkStep::class);
    Route::post('/hand-overs', C\HandOver::class);

    Route::get('/checks', C\ListChecks::class);
    Route::post('/figures/{figure}/checks', C\OpenCheck::class);
    Route::get('/checks/{check}', C\ShowCheck::class);
    Route::post('/checks/{check}/answers', C\AnswerItem::class);
    Route::post('/checks/{check}/sides', C\PassSide::class);
    Route::post('/checks/{check}/flaws', C\NoteFlaw::class);
    Route::delete('/checks/{check}/flaws/{fault}', C\RemoveFlaw::class);
    Route::post('/checks/{check}/undo', C\UndoInCheck::class);
    Route::post('/checks/{check}/refusal', C\RefuseFigure::class);
    Route::post('/checks/{check}/sign-off', C\SignFigure::class);

    Route::get('/figures/{figure}/faults', C\ShowFaults::class);
    Route::post('/faults/{fault}/waiver', C\WaiveFault::class);
    Route::post('/faults/{fault}/mending', C\MendFault::class);

    Route::get('/sign-offs', C\ListSignOffs::class);
    Route::get('/sign-offs/{signOff}', C\ShowSignOff::class);
    Route::get('/chain', C\VerifyChain::class)->middleware('throttle:heavy');
    Route::get('/chain/head', C\FindHead::class);
});
