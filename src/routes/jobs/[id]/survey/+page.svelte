<script lang="ts">
  import SurveyPage from '$lib/ui/survey/SurveyPage.svelte'
</script>

<SurveyPage />
